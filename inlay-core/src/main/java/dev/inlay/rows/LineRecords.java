package dev.inlay.rows;

import dev.inlay.model.RowKind;
import dev.inlay.spec.DataSetSpec;
import dev.inlay.spec.FieldSpec;
import dev.inlay.spec.RecordPatterns;
import dev.inlay.spec.TextPattern;
import dev.inlay.text.NumberFormat;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Makes records of lines of text by patterns, where no table gives them. */
final class LineRecords {

  private static final String RECORD = "record";
  private static final String UNFIT = "lines that fit no pattern";
  private static final String LEFT_OUT = "lines left out";
  private static final String SUMS = "lines with sums";
  private static final String CONTINUED = "lines that go on";

  private final DataSetSpec set;
  private final RecordPatterns patterns;
  private final PageValues values;
  private final PartTally tally;
  private final HeadingCarrier headings;
  private final NearMiss nearMiss;
  private final UnfitLines unfitLines = new UnfitLines();
  private NumberFormat numbers;
  private RowJoining joining;

  LineRecords(DataSetSpec set, PageValues values, PartTally tally) {
    this.set = set;
    patterns = set.records().orElseThrow();
    this.values = values;
    this.tally = tally;
    headings = new HeadingCarrier(set.headings(), tally.uses());
    nearMiss = new NearMiss(patterns.record());
  }

  /**
   * Reads the lines of a file.
   *
   * @param printed in reading order
   * @param forms gets how the fields are printed
   */
  void read(List<PageLine> printed, PrintedForms forms) {
    List<PageLine> lines =
        patterns.gapsKept() ? printed.stream().map(PageLine::withGaps).toList() : printed;
    List<PageLine> listing = listing(lines);
    numbers = numbers(listing);
    RowFilter filter = new RowFilter(set.leaveOut());
    RecordBuilder records = new RecordBuilder(set, set.fields(), tally, filter, numbers);
    records.beginTable();
    joining = new RowJoining(set.shape(), records);
    tally.uses().name(RECORD);
    for (PageLine line : listing) {
      tally.read();
      take(line, filter);
    }
    joining.flush();
    unfitLines.report(tally);
    note(lines, forms);
    if (tally.uses().tookNothing(RECORD)) {
      listing.stream()
          .filter(l -> tally.uses().wantsMisses(RECORD))
          .forEach(l -> nearMiss.atBeginning(l.text()).ifPresent(m -> missed(l, m)));
    }
  }

  private void note(List<PageLine> lines, PrintedForms forms) {
    patterns
        .from()
        .flatMap(from -> lines.stream().map(PageLine::text).filter(from::isIn).findFirst())
        .ifPresent(forms::listingStart);
    for (FieldSpec field : set.fields()) {
      List<String> texts = tally.records().map(r -> r.value(field.name()).printed()).toList();
      forms.values(field, texts);
    }
  }

  private void missed(PageLine line, String why) {
    tally.uses().missed(RECORD, RuleUses.quote(line.text(), line.page()), why);
  }

  private List<PageLine> listing(List<PageLine> lines) {
    List<PageLine> listing = new ArrayList<>();
    boolean in = patterns.from().isEmpty();
    for (PageLine line : lines) {
      if (in && patterns.until().isPresent() && patterns.until().get().isIn(line.text())) {
        in = false;
      }
      if (patterns.from().isPresent() && patterns.from().get().isIn(line.text())) {
        in = true;
      } else if (in) {
        listing.add(line);
      }
    }
    return listing;
  }

  private NumberFormat numbers(List<PageLine> listing) {
    Map<String, List<String>> cores = new HashMap<>();
    for (PageLine line : listing) {
      Map<String, String> taken = patterns.record().whole(line.text()).orElse(Map.of());
      for (FieldSpec field : set.fields()) {
        String text = taken.get(field.name());
        if (text != null && field.form().type().isNumeric()) {
          NumberText.core(text, field.form())
              .ifPresent(c -> cores.computeIfAbsent(field.name(), f -> new ArrayList<>()).add(c));
        }
      }
    }
    return NumberFormat.of(cores.values());
  }

  private void take(PageLine line, RowFilter filter) {
    PrintedText text = new PrintedText(line.text(), new Origin(line.page(), line.box(), ""));
    if (patterns.leaveOut().stream().anyMatch(p -> p.isIn(line.text()))) {
      tally.leaveOut(LEFT_OUT, line.text(), line.page());
    } else if (takeSum(line, text, patterns.subtotals(), RowKind.SUBTOTAL)
        || takeSum(line, text, patterns.totals(), RowKind.TOTAL)) {
      tally.leaveOut(SUMS, line.text(), line.page());
    } else if (headings.take(text, -1)) {
      joining.flush();
      tally.leaveOut(TableRecords.CARRIED, line.text(), line.page());
    } else if (!takeRecord(line, text, filter) && !takeMore(line, text)) {
      tally.leaveOut(UNFIT, line.text(), line.page());
      if (tally.uses().wantsMisses(RECORD)) {
        missed(line, nearMiss.atBeginning(line.text()).orElse(""));
      }
      if (!patterns.othersLeftOut()) {
        unfitLines.add(line);
      }
    }
  }

  /** Takes a line that prints sums of the rows before it. */
  private boolean takeSum(PageLine line, PrintedText text, List<TextPattern> sums, RowKind kind) {
    for (TextPattern pattern : sums) {
      Optional<Map<String, String>> groups = pattern.whole(line.text());
      if (groups.isPresent()) {
        joining.flush();
        Map<String, BigDecimal> values = new HashMap<>();
        for (FieldSpec field : set.fields()) {
          Optional.ofNullable(groups.get().get(field.name()))
              .flatMap(t -> ValueReader.sum(text.with(t), field.form(), numbers))
              .ifPresent(v -> values.put(field.name(), v));
        }
        Origin at = text.origin().orElseThrow();
        tally.sum(new PrintedSum(kind, line.text(), at, values, tally.rows(), 0, false));
        return true;
      }
    }
    return false;
  }

  private boolean takeRecord(PageLine line, PrintedText text, RowFilter filter) {
    Optional<Map<String, String>> groups = patterns.record().whole(line.text());
    if (groups.isEmpty()) {
      return false;
    }
    Map<String, PrintedText> printed = new LinkedHashMap<>();
    groups.get().forEach((field, part) -> printed.put(field, text.with(part)));
    Origin at = text.origin().orElseThrow();
    SourceRow row =
        new SourceRow(RowKind.BODY, 0, line.page(), "", line.box(), List.of(text), printed);
    Optional<String> rule = filter.ruleFor(row);
    if (rule.isPresent()) {
      tally.leaveOut(rule.get(), line.text(), line.page());
      return true;
    }
    tally.uses().took(RECORD, line.text(), line.page());
    Map<String, PrintedText> raws = new HashMap<>(headings.carried());
    raws.putAll(values.of(row, at));
    raws.putAll(printed);
    joining.next(raws, at);
    return true;
  }

  private boolean takeMore(PageLine line, PrintedText text) {
    for (TextPattern pattern : patterns.continued()) {
      Optional<Map<String, String>> groups = pattern.whole(line.text());
      if (groups.isPresent() && joining.isOpen()) {
        Map<String, PrintedText> more = new LinkedHashMap<>();
        groups.get().forEach((field, part) -> more.put(field, text.with(part)));
        joining.join(more);
        tally.leaveOut(CONTINUED, line.text(), line.page());
        return true;
      }
    }
    return false;
  }
}

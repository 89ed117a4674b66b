package dev.inlay.pdf;

import dev.inlay.page.ReadLimits;
import java.util.IdentityHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSNull;
import org.apache.pdfbox.cos.COSObject;
import org.apache.pdfbox.cos.COSStream;

/**
 * Looks through all that the text of a page is read from (its contents, fonts and forms) for
 * streams that are damaged and objects that are referred to and are not there. What pages share is
 * looked at once.
 */
final class PageDamage {

  private static final Set<COSName> OF_FONT =
      Set.of(
          COSName.TO_UNICODE,
          COSName.ENCODING,
          COSName.DESCENDANT_FONTS,
          COSName.FONT_DESC,
          COSName.FONT_FILE,
          COSName.FONT_FILE2,
          COSName.FONT_FILE3,
          COSName.CID_TO_GID_MAP,
          COSName.CHAR_PROCS);

  private final ReadLimits limits;

  /** What was found in a part of the file, by that part. */
  private final Map<COSBase, Set<String>> known = new IdentityHashMap<>();

  PageDamage(ReadLimits limits) {
    this.limits = limits;
  }

  /** What is damaged of what a page is read from, in words; empty where all is sound. */
  Set<String> of(COSDictionary page) {
    Set<String> found = new LinkedHashSet<>();
    COSBase contents = page.getItem(COSName.CONTENTS);
    if (follow(contents, "its contents", found) instanceof COSArray parts) {
      for (int i = 0; i < parts.size(); i++) {
        stream(parts.get(i), "its contents", found);
      }
    } else {
      stream(contents, "its contents", found);
    }
    resources(inherited(page), found);
    return found;
  }

  /** The resources of a page may be said at the branch of the page tree that it hangs on. */
  private static COSBase inherited(COSDictionary page) {
    COSDictionary at = page;
    for (int depth = 0; at != null && depth < MOST_BRANCHES; depth++) {
      if (at.containsKey(COSName.RESOURCES)) {
        return at.getItem(COSName.RESOURCES);
      }
      at = at.getCOSDictionary(COSName.PARENT);
    }
    return null;
  }

  /** A page tree is no deeper; one that is runs in a circle. */
  private static final int MOST_BRANCHES = 50;

  private void resources(COSBase item, Set<String> found) {
    if (!(follow(item, "its resources", found) instanceof COSDictionary resources)) {
      return;
    }
    Set<String> before = known.get(resources);
    if (before == null) {
      before = new TreeSet<>();
      known.put(resources, before); // a form may use the resources that it stands in
      before.addAll(fontsAndForms(resources));
    }
    found.addAll(before);
  }

  private Set<String> fontsAndForms(COSDictionary resources) {
    Set<String> found = new TreeSet<>();
    for (COSBase font : values(resources, COSName.FONT, found)) {
      font(font, found);
    }
    for (COSBase item : values(resources, COSName.XOBJECT, found)) {
      boolean form =
          follow(item, "a form", found) instanceof COSStream object
              && COSName.FORM.equals(object.getCOSName(COSName.SUBTYPE));
      if (form) {
        stream(item, "a form", found);
        resources(((COSStream) deref(item)).getItem(COSName.RESOURCES), found);
      }
    }
    return found;
  }

  private List<COSBase> values(COSDictionary resources, COSName kind, Set<String> found) {
    return follow(resources.getItem(kind), "its resources", found) instanceof COSDictionary all
        ? all.keySet().stream().map(all::getItem).toList()
        : List.of();
  }

  private void font(COSBase item, Set<String> found) {
    COSBase font = follow(item, "a font", found);
    if (font instanceof COSStream) {
      stream(item, "a font", found);
    } else if (font instanceof COSDictionary dictionary) {
      Set<String> before = known.get(dictionary);
      if (before == null) {
        before = new TreeSet<>();
        known.put(dictionary, before);
        if (WidthRanges.shorten(dictionary)) {
          before.add("a font, with widths of characters that cannot be");
        }
        for (COSName key : List.copyOf(dictionary.keySet())) {
          boolean glyph =
              !OF_FONT.contains(key) && deref(dictionary.getItem(key)) instanceof COSStream;
          if (OF_FONT.contains(key) || glyph) {
            font(dictionary.getItem(key), before);
          }
        }
      }
      found.addAll(before);
    } else if (font instanceof COSArray descendants) {
      for (int i = 0; i < descendants.size(); i++) {
        font(descendants.get(i), found);
      }
    }
  }

  private void stream(COSBase item, String what, Set<String> found) {
    if (follow(item, what, found) instanceof COSStream stream) {
      Set<String> before =
          known.computeIfAbsent(
              stream,
              s -> FlateCheck.isDamaged(stream, limits) ? Set.of(what + ", damaged") : Set.of());
      found.addAll(before);
    }
  }

  /** What an entry leads to; what is referred to and is not there is noted. */
  private static COSBase follow(COSBase item, String what, Set<String> found) {
    COSBase at = deref(item);
    if (item instanceof COSObject && at == null) {
      found.add(what + ", missing");
    }
    return at;
  }

  private static COSBase deref(COSBase item) {
    COSBase at = item instanceof COSObject object ? object.getObject() : item;
    return at == COSNull.NULL ? null : at;
  }
}

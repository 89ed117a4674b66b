package dev.inlay.bench;

import dev.inlay.bench.MutationReport.Change;
import java.io.IOException;
import java.lang.instrument.ClassDefinition;
import java.lang.instrument.Instrumentation;
import java.lang.instrument.UnmodifiableClassException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.pitest.classinfo.ClassByteArraySource;
import org.pitest.classpath.ClassloaderByteArraySource;
import org.pitest.mutationtest.engine.gregor.GregorMutater;
import org.pitest.mutationtest.engine.gregor.config.Mutator;

/**
 * Applies changes to the code of the running program, one after the other, and reads the cases with
 * each. Works in a process of its own, since a change may never end.
 */
public final class MutantWorker {

  private static Instrumentation instrumentation;

  private final Map<Path, CaseState> expected = new LinkedHashMap<>();
  private final ClassByteArraySource source = ClassloaderByteArraySource.fromContext();
  private final GregorMutater mutater =
      new GregorMutater(source, method -> true, Mutator.newDefaults());

  private MutantWorker() {}

  /** Called by the virtual machine, before {@link #main}, with the means to change classes. */
  public static void premain(String options, Instrumentation given) {
    instrumentation = given;
  }

  /**
   * Tries changes.
   *
   * @param args the report of the mutation run, the folder of cases, the numbers of the changes
   * @throws IOException if a file cannot be read
   * @throws InterruptedException if stopped from outside
   */
  public static void main(String[] args)
      throws IOException, InterruptedException, ClassNotFoundException, UnmodifiableClassException {
    MutantWorker worker = new MutantWorker();
    for (Path truth : Cases.truthsIn(Path.of(args[1]))) {
      worker.expected.put(truth, CaseState.of(CaseReading.of(truth).score()));
    }
    List<Change> survivors = MutationReport.read(Path.of(args[0])).survivors();
    for (String number : Arrays.asList(args).subList(2, args.length)) {
      System.out.println(worker.tried(survivors.get(Integer.parseInt(number))));
    }
  }

  private String tried(Change change)
      throws InterruptedException, ClassNotFoundException, UnmodifiableClassException {
    Class<?> type = Class.forName(change.className());
    byte[] original = source.getBytes(change.className()).orElseThrow();
    byte[] changed = mutater.getMutation(change.id()).getBytes();
    instrumentation.redefineClasses(new ClassDefinition(type, changed));
    String by = firstDifference();
    instrumentation.redefineClasses(new ClassDefinition(type, original));
    return (by.isEmpty() ? "unnoticed: " : "noticed by " + by + ": ") + change;
  }

  /** The name of the first case that comes out otherwise; empty where none does. */
  private String firstDifference() throws InterruptedException {
    for (Map.Entry<Path, CaseState> one : expected.entrySet()) {
      try {
        if (!CaseState.of(CaseReading.of(one.getKey()).score()).equals(one.getValue())) {
          return CaseScore.nameOf(one.getKey());
        }
      } catch (RuntimeException | LinkageError | StackOverflowError e) {
        return CaseScore.nameOf(one.getKey()) + " (" + e.getClass().getSimpleName() + ")";
      }
    }
    return "";
  }
}

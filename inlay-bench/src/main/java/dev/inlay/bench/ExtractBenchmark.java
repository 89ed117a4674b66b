package dev.inlay.bench;

import dev.inlay.batch.FileBatch;
import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.Extractor;
import dev.inlay.page.PageSelection;
import dev.inlay.write.JsonTables;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * All PDFs of a folder, and of the folders in it, to JSON; and the floor: the PDF library walking
 * the same pages. The ratio of the two is what counts. {@code -p folder=PATH} chooses the folder.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 25)
@Measurement(iterations = 7)
@Fork(1)
public class ExtractBenchmark {

  @Param("samples")
  private String folder;

  private List<Path> files;

  /** Lists the files. */
  @Setup
  public void list() throws IOException {
    try (Stream<Path> inside = Files.walk(Path.of(folder))) {
      files = inside.filter(f -> f.toString().endsWith(".pdf")).sorted().toList();
    }
    if (files.isEmpty()) {
      throw new IOException("no PDF file in " + folder);
    }
  }

  /** The library alone. */
  @Benchmark
  public long floor() throws IOException {
    long seen = 0;
    for (Path file : files) {
      seen += LibraryFloor.walk(file);
    }
    return seen;
  }

  /** Inlay as its command runs it: several files at a time. */
  @Benchmark
  public int extractInParallel() throws InterruptedException {
    int[] tables = {0};
    FileBatch.extract(
        files,
        new Extractor(PageSelection.ALL, ""),
        Runtime.getRuntime().availableProcessors(),
        page -> {},
        document -> {
          JsonTables.write(List.of(document), OutputStream.nullOutputStream());
          tables[0] += document.tables().size();
        });
    return tables[0];
  }

  /** Inlay, on one thread as the floor is. */
  @Benchmark
  public int extract() throws InterruptedException {
    Extractor extractor = new Extractor(PageSelection.ALL, "");
    int tables = 0;
    for (Path file : files) {
      DocumentTables document = extractor.extract(file);
      JsonTables.write(List.of(document), OutputStream.nullOutputStream());
      tables += document.tables().size();
    }
    return tables;
  }
}

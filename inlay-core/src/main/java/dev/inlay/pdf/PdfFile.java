package dev.inlay.pdf;

import dev.inlay.page.Page;
import dev.inlay.page.ReadLimits;
import dev.inlay.pdf.OpenFailure.Reason;
import java.io.Closeable;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.WeakHashMap;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.io.RandomAccessRead;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.io.RandomAccessReadBufferedFile;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.interactive.form.PDAcroForm;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** An open PDF file that yields one page at a time. For one thread; close it after use. */
public final class PdfFile implements Closeable {

  /** A PDF's first bytes; some producers put a few lines before them, so a stretch is searched. */
  private static final String SIGNATURE = "%PDF-";

  private static final int SIGNATURE_REACH = 1024;

  /** Files up to this size are read at once, larger ones in pieces as pages need them. */
  private static final long READ_AT_ONCE = 16L << 20;

  private static final Logger LOG = LoggerFactory.getLogger(PdfFile.class);

  private final PDDocument document;
  private final FileDamage damage;
  private final ReadLimits limits;
  private final PageDamage pages;
  private final List<PDPage> allPages = new ArrayList<>();

  /** Kept from page to page as long as the library keeps the font. */
  private final Map<PDFont, FontCodes> fonts = new WeakHashMap<>();

  private PdfFile(PDDocument document, FileDamage damage, ReadLimits limits) {
    this.document = document;
    this.damage = damage;
    this.limits = limits;
    pages = new PageDamage(limits);
  }

  /** Opens a file, with the usual limits. */
  public static PdfFile open(Path path, String password) throws OpenFailure {
    return open(path, password, ReadLimits.USUAL);
  }

  /**
   * Opens a file.
   *
   * @param path the file
   * @param password for a locked file, or an empty text
   * @param limits what it may ask for, but for pages and time
   * @throws OpenFailure if it is missing, empty, locked, broken or no PDF
   */
  public static PdfFile open(Path path, String password, ReadLimits limits) throws OpenFailure {
    checkReadable(path);
    BundledFonts.install();
    RandomAccessRead bytes = null;
    try {
      bytes = read(path);
      checkSignature(bytes, path);
      PDDocument document = Loader.loadPDF(bytes, password);
      fillForm(document, path);
      if (document.getNumberOfPages() == 0) {
        document.close();
        throw new OpenFailure(
            Reason.BROKEN, "is a PDF but broken: it has no pages; ask for a new copy of it", null);
      }
      COSDictionary tree = document.getPages().getCOSObject();
      FileDamage damage = FileDamage.of(bytes, document.getDocument(), tree, limits);
      return new PdfFile(document, damage, limits);
    } catch (InvalidPasswordException e) {
      close(bytes, e);
      String what = password.isEmpty() ? "is locked" : "does not open with the password given";
      throw new OpenFailure(Reason.LOCKED, what + "; give its password with --password", e);
    } catch (IOException | RuntimeException | StackOverflowError | OutOfMemoryError e) {
      close(bytes, e);
      throw new OpenFailure(
          Reason.BROKEN, "is a PDF but broken; ask for a new copy of it (" + cause(e) + ")", e);
    } catch (NoClassDefFoundError e) {
      close(bytes, e);
      throw lockedByCertificate(e);
    } catch (OpenFailure e) {
      close(bytes, e);
      throw e;
    }
  }

  /** Some producers leave it to the reader to draw what was filled into a form's fields. */
  private static void fillForm(PDDocument document, Path path) {
    if (!document.getDocumentCatalog().getCOSObject().containsKey(COSName.ACRO_FORM)) {
      return;
    }
    PDAcroForm form = document.getDocumentCatalog().getAcroForm(null);
    if (form != null && form.getNeedAppearances()) {
      try {
        form.refreshAppearances();
      } catch (IOException | RuntimeException e) {
        LOG.warn("{}: the values of its form cannot be drawn", path, e);
      }
    }
  }

  private static void checkReadable(Path path) throws OpenFailure {
    if (Files.isDirectory(path)) {
      throw new OpenFailure(Reason.FOLDER, "is a folder; name the PDF files in it", null);
    }
    if (!Files.exists(path)) {
      throw new OpenFailure(Reason.MISSING, "does not exist; check the name", null);
    }
    if (!Files.isRegularFile(path)) {
      throw new OpenFailure(
          Reason.NO_FILE, "is a pipe or a device; write it to a file first", null);
    }
    if (!Files.isReadable(path)) {
      throw new OpenFailure(Reason.FORBIDDEN, "may not be read; check its permissions", null);
    }
  }

  private static RandomAccessRead read(Path path) throws IOException {
    return Files.size(path) <= READ_AT_ONCE
        ? new RandomAccessReadBuffer(Files.readAllBytes(path))
        : new RandomAccessReadBufferedFile(path.toFile());
  }

  private static void checkSignature(RandomAccessRead bytes, Path path)
      throws IOException, OpenFailure {
    if (bytes.length() == 0) {
      throw new OpenFailure(Reason.EMPTY, "is empty; ask for a new copy of it", null);
    }
    byte[] start = new byte[(int) Math.min(SIGNATURE_REACH, bytes.length())];
    bytes.readFully(start);
    bytes.seek(0);
    if (!new String(start, StandardCharsets.ISO_8859_1).contains(SIGNATURE)) {
      throw new OpenFailure(
          Reason.NOT_PDF, "is not a PDF, whatever its name says; leave it out", null);
    }
  }

  private static OpenFailure lockedByCertificate(NoClassDefFoundError e) {
    if (e.getMessage() != null && e.getMessage().contains("bouncycastle")) {
      return new OpenFailure(
          Reason.LOCKED, "is locked by a certificate; ask for a copy without", e);
    }
    throw e;
  }

  private static void close(RandomAccessRead bytes, Throwable cause) {
    if (bytes != null) {
      try {
        bytes.close();
      } catch (IOException e) {
        cause.addSuppressed(e);
      }
    }
  }

  private static String cause(Throwable e) {
    String message = e.getMessage();
    return message == null ? e.getClass().getSimpleName() : message.replaceAll("\\s+", " ");
  }

  /** How many pages the file has; at least 1. */
  public int pageCount() {
    return Math.max(1, Math.min(document.getNumberOfPages(), damage.pages()));
  }

  /** The program that made it, as the file names it; empty where it does not. */
  public String producer() {
    String producer = document.getDocumentInformation().getProducer();
    return producer == null ? "" : producer.strip();
  }

  /** What of the file may be lost, in words that follow "is damaged: "; empty where it is whole. */
  public Optional<String> damage() {
    return damage.lost();
  }

  /** What of the file was put right without loss, in words; empty where nothing was. */
  public Optional<String> repaired() {
    return damage.repaired();
  }

  /**
   * Reads a page.
   *
   * @param number from 1 to {@link #pageCount()}
   * @throws PageFailure if the page's description is broken
   */
  public Page page(int number) throws PageFailure {
    return page(number, new TreeSet<>());
  }

  /**
   * Reads a page, and says what it is read from that is damaged or missing.
   *
   * @param number from 1 to {@link #pageCount()}
   * @param damaged gets each part of the file that is, in words
   * @throws PageFailure if the page's description is broken
   */
  public Page page(int number, Set<String> damaged) throws PageFailure {
    try {
      PDPage page = pageAt(number);
      damaged.addAll(pages.of(page.getCOSObject()));
      return PageReader.read(
          page, number, document.getDocumentCatalog().getOCProperties(), fonts, damaged, limits);
    } catch (IOException | RuntimeException | StackOverflowError | OutOfMemoryError e) {
      throw new PageFailure(number, e);
    }
  }

  /** The library seeks each page from the first one on; they are taken in a row instead. */
  private PDPage pageAt(int number) {
    if (allPages.isEmpty()) {
      document.getPages().forEach(allPages::add);
    }
    return number <= allPages.size() ? allPages.get(number - 1) : document.getPage(number - 1);
  }

  @Override
  public void close() throws IOException {
    document.close();
  }
}

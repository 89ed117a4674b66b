package dev.inlay.pdf;

import java.io.ByteArrayOutputStream;
import java.io.EOFException;
import java.io.IOException;
import org.apache.pdfbox.io.RandomAccessRead;
import org.apache.pdfbox.io.RandomAccessReadView;

/** Bytes in memory, for the library's parser. For one thread. */
final class ByteSource implements RandomAccessRead {

  private static final int STEP = 1 << 14;

  private final byte[] bytes;
  private int position;
  private boolean closed;

  private ByteSource(byte[] bytes) {
    this.bytes = bytes;
  }

  /** All that is left of another source. */
  static ByteSource of(RandomAccessRead source) throws IOException {
    ByteArrayOutputStream all = new ByteArrayOutputStream(STEP);
    byte[] part = new byte[STEP];
    for (int n = source.read(part, 0, STEP); n > 0; n = source.read(part, 0, STEP)) {
      all.write(part, 0, n);
    }
    return new ByteSource(all.toByteArray());
  }

  @Override
  public int read() {
    return position < bytes.length ? bytes[position++] & 0xFF : -1;
  }

  @Override
  public int peek() {
    return position < bytes.length ? bytes[position] & 0xFF : -1;
  }

  @Override
  public int read(byte[] to, int offset, int length) {
    if (length > 0 && isEOF()) {
      return -1;
    }
    int count = Math.min(length, bytes.length - position);
    System.arraycopy(bytes, position, to, offset, count);
    position += count;
    return count;
  }

  @Override
  public void rewind(int count) throws IOException {
    seek((long) position - count);
  }

  @Override
  public void seek(long to) throws IOException {
    if (to < 0) {
      throw new EOFException("no byte at " + to);
    }
    position = (int) Math.min(to, bytes.length);
  }

  @Override
  public long getPosition() {
    return position;
  }

  @Override
  public long length() {
    return bytes.length;
  }

  @Override
  public boolean isEOF() {
    return position >= bytes.length;
  }

  @Override
  public boolean isClosed() {
    return closed;
  }

  @Override
  public void close() {
    closed = true;
  }

  @Override
  public RandomAccessReadView createView(long start, long length) {
    return new RandomAccessReadView(this, start, length);
  }
}

package dev.inlay.samples;

/**
 * A sample paper.
 *
 * @param name its file name without an ending
 * @param pdf the file's bytes
 * @param truth what a right reading gives, as JSON
 */
public record Sample(String name, byte[] pdf, byte[] truth) {}

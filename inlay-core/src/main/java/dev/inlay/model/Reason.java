package dev.inlay.model;

/**
 * What speaks for or against a reading.
 *
 * @param name what is seen
 * @param weight how much it speaks for the reading taken, against the one that comes next; negative
 *     where it speaks against it
 */
public record Reason(String name, double weight) {}

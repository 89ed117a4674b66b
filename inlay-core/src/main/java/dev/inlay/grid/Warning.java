package dev.inlay.grid;

/**
 * A reason to look at a table.
 *
 * @param code what is doubtful
 * @param page the page's number, from 1
 * @param message in words that a person can act on
 */
public record Warning(WarningCode code, int page, String message) {}

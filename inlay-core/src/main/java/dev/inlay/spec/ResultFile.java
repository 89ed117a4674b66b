package dev.inlay.spec;

import java.util.Optional;

/**
 * A file that a run writes.
 *
 * @param file its name; its ending tells the form
 * @param sheet the sheet of an existing workbook that is filled, if that is wanted
 * @param append whether rows are added below those that the sheet has
 */
public record ResultFile(String file, Optional<String> sheet, boolean append) {}

/**
 * Records: from the rows of a table, or the lines of a page, to typed fields with their origins, as
 * a spec wants them. Knows no files and no forms of output.
 */
package dev.inlay.rows;

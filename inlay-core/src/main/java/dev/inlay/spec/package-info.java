/**
 * The spec: what a person wants from one kind of report. Its model, the reading of its file, and
 * the two small languages in it, patterns and expressions. Knows nothing of pages or tables.
 */
package dev.inlay.spec;

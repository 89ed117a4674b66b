/**
 * The command line: reads arguments, calls the core, prints. No computation about tables lives
 * here.
 */
package dev.inlay.cli;

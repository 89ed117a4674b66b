/**
 * Drafts: a first spec from sample files, made from all that they print. Writes a spec as text and
 * never reads one.
 */
package dev.inlay.draft;

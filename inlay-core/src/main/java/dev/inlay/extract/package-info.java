/**
 * The way from one file to its tables: opens it, takes its pages in order, and tells what went
 * wrong instead of failing. The front door of the core for one document.
 */
package dev.inlay.extract;

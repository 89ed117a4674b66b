/**
 * What is in many PDFs, in short: for each document what it is made of and which tables it holds,
 * and which documents look alike. Keeps no rows, and writes nothing.
 */
package dev.inlay.survey;

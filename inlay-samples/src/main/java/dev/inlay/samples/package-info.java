/**
 * Makes the demo reports of the made-up Tarn Sound Harbour Board. Each table is held once, as data,
 * and gives both the printed page and its truth.
 */
package dev.inlay.samples;

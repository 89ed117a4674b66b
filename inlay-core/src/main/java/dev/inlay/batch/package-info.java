/** Many files: works on several at a time and hands the results on in the order of the files. */
package dev.inlay.batch;

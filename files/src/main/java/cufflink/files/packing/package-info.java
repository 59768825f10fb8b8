/** Kits on paper: packing lists to tick, labels with a code, a short text of the directions. */
package cufflink.files.packing;

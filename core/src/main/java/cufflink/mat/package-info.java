/** Decorative layers: how many, how much smaller than what they lie on, and their outlines. */
package cufflink.mat;

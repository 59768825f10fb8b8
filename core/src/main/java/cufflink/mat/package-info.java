/**
 * Decorative layers: how many, how much smaller than what they lie on, and their outlines. They are sized on creased
 * pieces.
 */
package cufflink.mat;

/**
 * Jobs that are packed as kits, one for each participant: what goes into each, in which paper, what is left after it.
 */
package cufflink.packing;

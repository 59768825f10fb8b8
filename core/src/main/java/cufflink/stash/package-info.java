/**
 * What the maker owns: papers and offcuts, ribbons, envelopes, punches and dies, tools. A {@link cufflink.stash.Stash}
 * is a value; a {@link cufflink.stash.StashChange} leads from one to the next and back again.
 */
package cufflink.stash;

/**
 * Judgements of a worked-out project: what was looked at, by how much it holds or fails, and what to change. What they
 * say stands in {@link cufflink.words.CheckWords}.
 */
package cufflink.check;

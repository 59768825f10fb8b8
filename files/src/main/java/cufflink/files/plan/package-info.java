/** A plan written out: the terminal's JSON (see {@code docs/plan.schema.json}) and text, cut and score lists as CSV. */
package cufflink.files.plan;

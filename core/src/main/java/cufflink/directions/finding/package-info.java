/**
 * What cannot be in directions: each judge looks for faults of one kind and says why, where, and what would be
 * consistent. {@link cufflink.directions.finding.Findings} asks them all.
 */
package cufflink.directions.finding;

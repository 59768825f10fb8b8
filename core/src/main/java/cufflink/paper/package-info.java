/** What a maker has on the table: sheets, envelopes, contents, stock and tools, with the published sizes. */
package cufflink.paper;

/** Projects as JSON files with a schema version, written atomically; see {@code docs/project.schema.json}. */
package cufflink.files.project;

/**
 * Projects and jobs as JSON files with a schema version, written atomically; see {@code docs/project.schema.json} and
 * {@code docs/job.schema.json}.
 */
package cufflink.files.project;

/**
 * The sentences of the core. What computes says a {@link cufflink.words.Code} with its arguments; what it reads as
 * stands here, one list of sentences for each subject, with one small {@link cufflink.words.Vocabulary}. Knows nothing
 * of computing.
 */
package cufflink.words;

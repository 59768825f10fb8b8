/**
 * Many copies: a {@link cufflink.job.Job} is a list of projects with counts; {@link cufflink.job.JobPlanner} lays all
 * of them out on what the stash holds and says what to buy; {@link cufflink.job.JobTaking} takes the cut sheets out of
 * the stash and puts the offcuts back; {@link cufflink.job.WhatIf} answers questions.
 */
package cufflink.job;

package cufflink.job;

/**
 * Ribbon or string of one kind in a job that is being cut.
 *
 * @param taken whether it was out of the stash when the stash was last asked
 */
public record JobStrand(StrandNeed need, boolean done, boolean taken) {
    String id() {
        return need.id();
    }

    JobStrand withDone(boolean value) {
        return new JobStrand(need, value, taken);
    }

    /** What is out of the stash was cut. */
    JobStrand withTaken(boolean value) {
        return new JobStrand(need, done || value, value);
    }

    JobStrand withNeed(StrandNeed value) {
        return new JobStrand(value, done, taken);
    }
}

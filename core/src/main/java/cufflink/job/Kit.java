package cufflink.job;

import cufflink.plan.Project;

/**
 * A project and how many of it are wanted.
 *
 * @param copies 1 to {@value cufflink.plan.Project#MOST_COPIES}
 */
public record Kit(Project project, int copies) {
    public Kit {
        if (copies < 1 || copies > Project.MOST_COPIES) {
            throw new IllegalArgumentException("copies must lie between 1 and " + Project.MOST_COPIES + ": " + copies);
        }
    }
}

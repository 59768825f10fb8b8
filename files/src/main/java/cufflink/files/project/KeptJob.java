package cufflink.files.project;

import cufflink.job.Job;
import cufflink.job.JobCutting;
import cufflink.plan.Project;
import cufflink.problem.Ordered;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A job as it is kept: its projects are named by their files, so that a change to one is a change to the job, until the
 * first cut fixes the sheets.
 *
 * @param kits         what is made of which project file
 * @param alternatives as in {@link Job}
 * @param sparePercent as in {@link Job}
 * @param cutting      the sheets, once cutting has begun
 * @param sheet        the sheet in hand, from 0
 * @param cut          the cut that is next on it, from 0
 * @param packing      how it is packed as kits, once that has begun
 */
public record KeptJob(String name, List<KeptKit> kits, Map<String, List<String>> alternatives, int sparePercent,
        Optional<JobCutting> cutting, int sheet, int cut, Optional<KeptPacking> packing) {
    /** A project's file name and how many of it. */
    public record KeptKit(String project, int copies) {
        public KeptKit {
            if (copies < 1 || copies > Project.MOST_COPIES) {
                throw new IllegalArgumentException(
                        "copies must lie between 1 and " + Project.MOST_COPIES + ": " + copies);
            }
        }
    }

    public KeptJob {
        kits = List.copyOf(kits);
        alternatives = Ordered.map(alternatives);
    }

    /** A new job, nothing cut. */
    public static KeptJob of(String name, List<KeptKit> kits) {
        return new KeptJob(name, kits, Map.of(), 0, Optional.empty(), 0, 0, Optional.empty());
    }

    public KeptJob withName(String value) {
        return new KeptJob(value, kits, alternatives, sparePercent, cutting, sheet, cut, packing);
    }

    public KeptJob withKits(List<KeptKit> value) {
        return new KeptJob(name, value, alternatives, sparePercent, cutting, sheet, cut, packing);
    }

    public KeptJob withAlternatives(Map<String, List<String>> value) {
        return new KeptJob(name, kits, value, sparePercent, cutting, sheet, cut, packing);
    }

    public KeptJob withSparePercent(int value) {
        return new KeptJob(name, kits, alternatives, value, cutting, sheet, cut, packing);
    }

    /** At another sheet and cut. */
    public KeptJob at(int newSheet, int newCut) {
        return new KeptJob(name, kits, alternatives, sparePercent, cutting, newSheet, newCut, packing);
    }

    public KeptJob withCutting(Optional<JobCutting> value) {
        return new KeptJob(name, kits, alternatives, sparePercent, value, sheet, cut, packing);
    }

    public KeptJob withPacking(Optional<KeptPacking> value) {
        return new KeptJob(name, kits, alternatives, sparePercent, cutting, sheet, cut, value);
    }
}

package cufflink.files.project;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.job.JobStrand;
import cufflink.job.StrandNeed;
import cufflink.measure.ExactText;

/** One kind of ribbon or string of a job that is being cut, exact, as a JSON object. */
final class StrandJson {
    private StrandJson() {
    }

    static void write(ObjectNode node, JobStrand strand) {
        StrandNeed need = strand.need();
        node.put("done", strand.done()).put("taken", strand.taken()).put("material", need.material()).put("width",
                ExactText.of(need.width()));
        ArrayNode cuts = node.putArray("cuts");
        need.cuts().forEach(cut -> {
            ObjectNode at = cuts.addObject().put("length", ExactText.of(cut.length()));
            cut.reel().ifPresent(reel -> at.put("reel", reel));
        });
    }

    static JobStrand read(JsonFields fields) {
        return new JobStrand(
                new StrandNeed(fields.filledText("material"), fields.size("width"),
                        fields.each("cuts").stream().map(
                                cut -> new StrandNeed.StrandCut(cut.size("length"), cut.optionalId("reel"))).toList()),
                fields.yes("done"), fields.yes("taken"));
    }
}

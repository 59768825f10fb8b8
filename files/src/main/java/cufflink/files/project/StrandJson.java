package cufflink.files.project;

import cufflink.files.json.JsonFields;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.job.JobStrand;
import cufflink.job.StrandNeed;
import cufflink.measure.ExactText;
import cufflink.words.ProjectWords;
import java.util.List;

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
        List<JsonFields> cuts = fields.each("cuts");
        if (fields.has("cuts") && cuts.isEmpty()) {
            fields.problem("cuts", ProjectWords.NO_CUTS.of());
        }
        return new JobStrand(
                new StrandNeed(fields.filledText("material"), fields.size("width"),
                        cuts.stream().map(
                                cut -> new StrandNeed.StrandCut(cut.size("length"), cut.optionalId("reel"))).toList()),
                fields.yes("done"), fields.yes("taken"));
    }
}

package cufflink.plan;

import cufflink.design.Side;
import cufflink.design.SizedDesign.Glue;
import cufflink.fold.GluePatch;
import cufflink.words.Message;
import cufflink.words.StepWords;
import cufflink.words.Vocabulary;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoublePredicate;
import java.util.stream.Stream;

/** Which edges take glue, called as the picture of the step shows them. */
final class GlueWords {
    /** Shares of an edge beyond which it takes glue all along, or worth naming. */
    private static final double ALL = 0.97;
    private static final double SOME = 0.02;

    private GlueWords() {
    }

    /** Sentences; none where nothing is glued. */
    static List<Message> edges(Workings plan, Glue glue) {
        return GlueScene.of(plan, glue).map(scene -> Stream
                .concat(glued(plan, glue, scene).stream(), free(glue, scene).stream()).toList()).orElse(List.of());
    }

    private static List<Message> glued(Workings plan, Glue glue, GlueScene scene) {
        if (glue.edges().glued().size() == Side.values().length && scene.patch().dry().isEmpty()) {
            return List.of(StepWords.GLUE_ALL_ROUND.of());
        }
        List<PictureEdge> whole = edges(scene, share -> share >= ALL);
        List<PictureEdge> partly = edges(scene, share -> share < ALL && share > SOME);
        if (whole.isEmpty() && partly.isEmpty()) {
            return List.of();
        }
        String host = plan.pieces().get(glue.onto().piece()).pattern().panel(glue.onto().panel())
                .map(panel -> panel.label()).orElse(glue.onto().panel());
        List<Message> told = new ArrayList<>();
        if (!whole.isEmpty()) {
            told.add(StepWords.GLUE_ALONG.of("edges", words(whole)));
        }
        if (!partly.isEmpty()) {
            told.add((whole.isEmpty() ? StepWords.GLUE_PARTLY_ALONG : StepWords.PARTLY_ALONG).of("edges",
                    words(partly), "panel", host));
        }
        if (!scene.patch().dry().isEmpty()) {
            told.add(StepWords.STAYS_DRY.of("panel", host));
        }
        return told;
    }

    private static String words(List<PictureEdge> edges) {
        return Vocabulary.and(edges.stream().map(PictureEdge::word).toList());
    }

    private static List<PictureEdge> edges(GlueScene scene, DoublePredicate share) {
        return scene.seen(scene.patch().strips().stream().filter(strip -> share.test(strip.share()))
                .map(GluePatch.Strip::edge).toList());
    }

    private static Optional<Message> free(Glue glue, GlueScene scene) {
        List<PictureEdge> free = scene.seen(glue.edges().free());
        return free.isEmpty() ? Optional.empty()
                : Optional.of((free.size() == 1 ? StepWords.STAYS_FREE : StepWords.STAY_FREE).of("edges",
                        words(free)));
    }
}

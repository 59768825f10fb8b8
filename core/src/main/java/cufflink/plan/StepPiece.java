package cufflink.plan;

import java.util.Optional;

/**
 * The piece that a step is about; none for a whole sheet or the finished card, the name of a part and a dot where all
 * of it is put in its place.
 */
public final class StepPiece implements StepSubject.Cases<Optional<String>> {
    @Override
    public Optional<String> sheet(StepSubject.OfSheet sheet) {
        return Optional.empty();
    }

    @Override
    public Optional<String> scores(StepSubject.OfScores scores) {
        return Optional.of(scores.setup().piece());
    }

    @Override
    public Optional<String> layers(StepSubject.OfLayers layers) {
        return Optional.of(layers.panel().piece());
    }

    @Override
    public Optional<String> mounted(StepSubject.OfMounted layers) {
        return Optional.of(layers.panel().piece());
    }

    @Override
    public Optional<String> piece(StepSubject.OfPiece piece) {
        return Optional.of(piece.piece());
    }

    @Override
    public Optional<String> fold(StepSubject.OfFold fold) {
        return Optional.of(fold.piece());
    }

    @Override
    public Optional<String> glue(StepSubject.OfGlue glue) {
        return Optional.of(glue.glue().part().piece());
    }

    @Override
    public Optional<String> part(StepSubject.OfPart part) {
        return Optional.of(part.part().name() + ".");
    }

    @Override
    public Optional<String> strands(StepSubject.OfStrands strands) {
        return Optional.empty();
    }

    @Override
    public Optional<String> trim(StepSubject.OfTrim trim) {
        return Optional.of(trim.panel().piece());
    }

    @Override
    public Optional<String> pages(StepSubject.OfPages pages) {
        return Optional.empty();
    }

    @Override
    public Optional<String> card(StepSubject.OfCard card) {
        return Optional.empty();
    }
}

package cufflink;

import cufflink.crease.CreasePattern;
import cufflink.crease.CreasePatternBuilder;
import cufflink.design.Face;
import cufflink.design.Fold;
import cufflink.design.PieceDefinition.Source;
import cufflink.design.Score;
import cufflink.design.SizedDesign;
import cufflink.design.SizedDesign.Along;
import cufflink.design.SizedDesign.Figure;
import cufflink.design.SizedDesign.Line;
import cufflink.design.SizedDesign.Lying;
import cufflink.design.SizedDesign.Marks;
import cufflink.design.SizedDesign.PanelName;
import cufflink.design.SizedDesign.Piece;
import cufflink.measure.Length;
import cufflink.paper.PaperRole;
import cufflink.words.NoteWords;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Pieces made straight from score lines in millimetres. */
public final class TestPieces {
    private TestPieces() {
    }

    /** A rectangle of card, its inside up. */
    public static Piece piece(String id, double width, double height, Marks marks) {
        return new Piece(id, id, new Source(PaperRole.material("card"), Optional.empty()),
                new Lying(Face.INSIDE, Optional.empty(), 0, false), figure(width), figure(height), marks);
    }

    /** The same with scores only; the panels are named in reading order, or not at all. */
    public static CreasePattern pattern(String id, double width, double height, List<Score> scores, String... panels) {
        List<PanelName> names = Arrays.stream(panels).map(panel -> PanelName.of(panel, panel)).toList();
        return CreasePatternBuilder.build(piece(id, width, height, new Marks(scores, List.of(), List.of(), names)))
                .orThrow();
    }

    /** A score from point to point. */
    public static Score score(String id, Fold fold, double x1, double y1, double x2, double y2) {
        return new Score(id,
                new Line(Along.LINE, Optional.empty(), Length.nearestToMillimetres(x1), Length.nearestToMillimetres(y1),
                        Length.nearestToMillimetres(x2), Length.nearestToMillimetres(y2)),
                fold);
    }

    private static Figure figure(double millimetres) {
        return Figure.of("test", Length.nearestToMillimetres(millimetres), NoteWords.NOTHING.of());
    }

    /** A design of one piece, with places for layers and nothing done with it. */
    public static SizedDesign design(Piece piece, SizedDesign.Mat... mats) {
        SizedDesign strip = TestDesigns.sized(TestDesigns.strip(List.of("width", "width"), "v", List.of("c1")));
        return new SizedDesign(strip.definition(), strip.measures(), List.of(piece),
                new SizedDesign.Making(List.of(mats), List.of(), List.of(), List.of(), List.of(),
                        SizedDesign.Trim.NONE, List.of()),
                List.of(),
                new SizedDesign.Opening(Map.of(), List.of()), List.of());
    }
}

package cufflink.plan;

import cufflink.cut.SheetLayout;
import cufflink.design.Face;
import cufflink.design.PanelRef;
import cufflink.design.PartDefinition;
import cufflink.design.SizedDesign.Glue;
import cufflink.fold.FoldStage;
import cufflink.mat.MatLayer;
import cufflink.score.ScoreSetup;
import cufflink.stack.SoftWay;
import java.util.List;

/** What a step is about, for whoever draws it. */
public sealed interface StepSubject {
    /** Cutting a sheet; {@code alike} sheets are cut the same way. */
    record OfSheet(SheetLayout layout, int alike) implements StepSubject {
        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.sheet(this);
        }
    }

    /** Scoring a piece against the fence. */
    record OfScores(ScoreSetup setup) implements StepSubject {
        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.scores(this);
        }
    }

    /** Layers that are put together before they go on a panel. */
    record OfLayers(PanelRef panel, List<MatLayer> layers) implements StepSubject {
        public OfLayers {
            layers = List.copyOf(layers);
        }

        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.layers(this);
        }
    }

    /** Layers, put together before, that go on a panel. */
    record OfMounted(PanelRef panel, List<MatLayer> layers) implements StepSubject {
        public OfMounted {
            layers = List.copyOf(layers);
        }

        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.mounted(this);
        }
    }

    /** Openings and notches of a piece. */
    record OfPiece(String piece) implements StepSubject {
        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.piece(this);
        }
    }

    /** A fold of a piece. */
    record OfFold(String piece, int index, FoldStage stage) implements StepSubject {
        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.fold(this);
        }
    }

    /** Glue between panels, or of a piece onto a panel. */
    record OfGlue(Glue glue) implements StepSubject {
        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.glue(this);
        }
    }

    /** A finished part that goes into a pocket or round the card. */
    record OfPart(PartDefinition part) implements StepSubject {
        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.part(this);
        }
    }

    /** Ribbons and the like that are cut to length, all of one material and width. */
    record OfStrands(List<SoftWay> ways) implements StepSubject {
        public OfStrands {
            ways = List.copyOf(ways);
        }

        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.strands(this);
        }
    }

    /** A soft piece or a fixing, by its id, that goes on a face of a panel. */
    record OfTrim(PanelRef panel, Face face, String id) implements StepSubject {
        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.trim(this);
        }
    }

    /** All pages of what is leafed through. */
    record OfPages() implements StepSubject {
        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.pages(this);
        }
    }

    /** The closed card. */
    record OfCard() implements StepSubject {
        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.card(this);
        }
    }

    /** What to do in each case. */
    interface Cases<R> {
        R sheet(OfSheet sheet);

        R scores(OfScores scores);

        R layers(OfLayers layers);

        R mounted(OfMounted mounted);

        R piece(OfPiece piece);

        R fold(OfFold fold);

        R glue(OfGlue glue);

        R part(OfPart part);

        R strands(OfStrands strands);

        R trim(OfTrim trim);

        R pages(OfPages pages);

        R card(OfCard card);
    }

    /** Does what its case asks for. */
    <R> R accept(Cases<R> cases);
}

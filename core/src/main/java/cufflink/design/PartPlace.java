package cufflink.design;

import java.util.Optional;

/** Where a maker puts a part: on a panel, into a pocket, or around the closed card. */
public sealed interface PartPlace {
    /** What to do with each kind of place. */
    interface Cases<R> {
        R onPanel(OnPanel place);

        R inPocket(InPocket place);

        R around();
    }

    <R> R accept(Cases<R> cases);

    /** As it is written, without the face: {@code base.back}, {@code pocket:sleeve}, {@code around}. */
    String text();

    /** The face of a panel; absent for any other place, and where the part's own joints name it. */
    default Optional<Face> face() {
        return Optional.empty();
    }

    /**
     * On a panel.
     *
     * @param face of the panel; if absent the one that the part's own joints name, or else the inside
     */
    record OnPanel(PanelRef panel, Optional<Face> face) implements PartPlace {
        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.onPanel(this);
        }

        @Override
        public String text() {
            return panel.toString();
        }
    }

    /** Into a pocket, by its id. */
    record InPocket(String pocket) implements PartPlace {
        private static final String BEFORE = "pocket:";

        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.inPocket(this);
        }

        @Override
        public String text() {
            return BEFORE + pocket;
        }
    }

    /** Around the closed card. */
    record Around() implements PartPlace {
        private static final String WORD = "around";

        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.around();
        }

        @Override
        public String text() {
            return WORD;
        }
    }

    /** A place as {@link #text} writes it, with a face for a panel; absent for anything else. */
    static Optional<PartPlace> read(String text, Optional<Face> face) {
        if (text.equals(Around.WORD) || text.startsWith(InPocket.BEFORE)) {
            return face.isPresent() ? Optional.empty()
                    : Optional.of(text.equals(Around.WORD) ? new Around()
                            : new InPocket(text.substring(InPocket.BEFORE.length())));
        }
        return PanelRef.read(text).map(panel -> new OnPanel(panel, face));
    }

    /** Where a part of a design sits. */
    static PartPlace of(PartDefinition part) {
        return part.seat().accept(new PartDefinition.Seat.Cases<>() {
            @Override
            public PartPlace onPanel(PartDefinition.OnPanel seat) {
                return new OnPanel(seat.panel(), seat.face());
            }

            @Override
            public PartPlace inPocket(PartDefinition.InPocket seat) {
                return new InPocket(seat.pocket());
            }

            @Override
            public PartPlace around(PartDefinition.Around seat) {
                return new Around();
            }
        });
    }
}

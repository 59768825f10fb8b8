package cufflink.design;

import cufflink.design.SizedDesign.Lap;
import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The parts that something too long for its sheet is cut in, from left to right.
 *
 * @param parts from where to where each reaches; one alone where it is cut as it is
 */
public record PieceParts(List<Lap> parts) {
    public PieceParts {
        parts = List.copyOf(parts);
    }

    /**
     * A piece in as few parts as its places for joining allow, each laid over the end of the one before; whole where it
     * fits, and where no places would help.
     *
     * @param longest that the sheets give
     */
    public static PieceParts of(SizedDesign.Piece piece, Length longest) {
        return joined(piece.width().length(), piece.marks().laps(), longest);
    }

    /** A layer over a whole piece, in parts that meet at some of these places. */
    public static PieceParts meeting(Length width, List<Length> places, Length longest) {
        return joined(width, places.stream().map(at -> new Lap(at, at)).toList(), longest);
    }

    private static PieceParts joined(Length width, List<Lap> places, Length longest) {
        return new PieceParts(new Joining(width, places, longest, new HashMap<>()).from(Length.ZERO)
                .orElseGet(() -> List.of(new Lap(Length.ZERO, width))));
    }

    /** A search for parts that finds out once what is best from each place on; with n places n² are looked at. */
    private record Joining(Length width, List<Lap> places, Length longest,
            Map<Length, Optional<List<Lap>>> known) {
        /**
         * The fewest parts from a place on, of as few those that lap most, then those that begin with the longest;
         * empty where some part would be too long.
         */
        Optional<List<Lap>> from(Length start) {
            if (!width.minus(start).isLongerThan(longest)) {
                return Optional.of(List.of(new Lap(start, width)));
            }
            Optional<List<Lap>> found = known.get(start);
            if (found == null) {
                found = searched(start);
                known.put(start, found);
            }
            return found;
        }

        private Optional<List<Lap>> searched(Length start) {
            return places.stream()
                    .filter(place -> place.from().isLongerThan(start) && width.isLongerThan(place.to())
                            && !place.to().minus(start).isLongerThan(longest))
                    .flatMap(place -> from(place.from()).stream().map(
                            rest -> Stream.concat(Stream.of(new Lap(start, place.to())), rest.stream()).toList()))
                    .min(Comparator.<List<Lap>>comparingInt(List::size)
                            .thenComparing(Comparator.comparing(PieceParts::paper).reversed())
                            .thenComparing(parts -> parts.get(0).to(), Comparator.reverseOrder()));
        }
    }

    /** How long all parts are together. */
    private static Length paper(List<Lap> parts) {
        return parts.stream().map(Lap::width).reduce(Length.ZERO, Length::plus);
    }

    public boolean isJoined() {
        return parts.size() > 1;
    }

    /** Where two parts lie over one another, from left to right. */
    public List<Lap> laps() {
        List<Lap> laps = new ArrayList<>();
        for (int i = 1; i < parts.size(); i++) {
            laps.add(new Lap(parts.get(i).from(), parts.get(i - 1).to()));
        }
        return laps;
    }
}

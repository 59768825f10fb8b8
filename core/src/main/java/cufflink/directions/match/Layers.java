package cufflink.directions.match;

import cufflink.crease.CreasedDesign;
import cufflink.design.PanelRef;
import cufflink.directions.PieceName;
import cufflink.directions.match.DesignMatch.Figure;
import cufflink.mat.MatLayer;
import cufflink.mat.MatSettings;
import cufflink.mat.MatSizer;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Which of a text's pieces are layers on a design's panels, and what border they leave. */
final class Layers {
    /** A border wider than this is not one. */
    private static final Length WIDEST = Length.ofInches(1, 2);

    /** So many borders are tried. */
    private static final int MOST_BORDERS = 3;

    private final CreasedDesign creased;
    private final RulerStep ruler;
    private final List<TextPiece> texts;
    private final Map<TextPiece, List<MatLayer>> found = new LinkedHashMap<>();
    private final List<Figure> agrees = new ArrayList<>();
    private final List<Figure> differs = new ArrayList<>();

    /**
     * What was found.
     *
     * @param settings those that give these layers and no others
     * @param counts   the pieces that are layers, and how many layers of one card each is
     * @param misnamed layers that the text does not call so
     */
    record Found(MatSettings settings, Map<TextPiece, Integer> counts, List<Figure> agrees, List<Figure> differs,
            int misnamed) {
        Set<TextPiece> texts() {
            return counts.keySet();
        }
    }

    private Layers(CreasedDesign creased, RulerStep ruler, List<TextPiece> texts) {
        this.creased = creased;
        this.ruler = ruler;
        this.texts = texts.stream().filter(text -> text.scores() == 0).toList();
    }

    /** No layers if no piece is one. */
    static Found of(Shape shape, List<TextPiece> texts) {
        RulerStep ruler = shape.given().step();
        MatSettings none = MatSettings.usual(ruler.unit()).withLayers(0);
        return CreasedDesign.of(shape.sized()).value().map(creased -> new Layers(creased, ruler, texts))
                .map(layers -> layers.find(none)).orElse(new Found(none, Map.of(), List.of(), List.of(), 0));
    }

    private Found find(MatSettings none) {
        Optional<Length> border = border(none);
        if (border.isEmpty()) {
            return new Found(none, Map.of(), List.of(), List.of(), 0);
        }
        MatSettings all = none.withReveal(border.get()).withLayers(MatSettings.MOST_LAYERS);
        List<MatLayer> free = new ArrayList<>(sized(all));
        texts.forEach(text -> exact(text, free));
        int deepest = found.values().stream().flatMap(List::stream).mapToInt(MatLayer::layer).max().orElse(0);
        free.removeIf(layer -> layer.layer() > Math.max(deepest, 1));
        texts.stream().filter(text -> !found.containsKey(text)).forEach(text -> near(text, free));
        Map<TextPiece, Integer> counts = new LinkedHashMap<>();
        found.forEach((text, layers) -> counts.put(text, layers.size()));
        return new Found(settings(all), counts, agrees, differs,
                (int) found.entrySet().stream().filter(pair -> !pair.getKey().isLayer()
                        && likeness(pair.getKey(), pair.getValue().get(0)) == 0).count());
    }

    private List<MatLayer> sized(MatSettings settings) {
        return MatSizer.size(creased, settings, ruler).value().orElse(List.of());
    }

    /** Of the borders that pieces speak for and the usual ones that with which most of them are layers. */
    private Optional<Length> border(MatSettings none) {
        List<MatLayer> lowest = sized(none.withLayers(1));
        Set<Length> borders = new LinkedHashSet<>();
        for (Border wanted : Border.values()) {
            if (borders.isEmpty()) {
                borders.addAll(votes(lowest, wanted));
            }
        }
        boolean any = !borders.isEmpty();
        borders.addAll(List.of(none.reveal(), MatSettings.TIGHT_REVEAL));
        Length best = borders.stream()
                .max(Comparator.comparingInt((Length border) -> layers(none, border))
                        .thenComparingInt(border -> -List.copyOf(borders).indexOf(border)))
                .orElseThrow();
        return any || layers(none, best) > 0 ? Optional.of(best) : Optional.empty();
    }

    /** How many of the pieces are layers with a border. */
    private int layers(MatSettings none, Length border) {
        List<MatLayer> free = new ArrayList<>(
                sized(none.withReveal(border).withLayers(MatSettings.MOST_LAYERS)));
        int count = 0;
        for (TextPiece text : texts) {
            Optional<MatLayer> same = free.stream()
                    .filter(layer -> isSame(text, layer, false) || isSame(text, layer, true)).findFirst();
            same.ifPresent(free::remove);
            count += same.isPresent() ? 1 : 0;
        }
        return count;
    }

    /** What a layer may lie on: a panel, or another layer. */
    private record Under(Length width, Length height) {
    }

    /** What a piece must leave of a panel to speak for a border. */
    private enum Border {
        ON_ALL_SIDES, ON_EACH, ON_ONE;

        boolean suits(Length across, Length down, boolean isLayer) {
            return switch (this) {
                case ON_ALL_SIDES -> isBorder(across) && across.equals(down);
                case ON_EACH -> isLayer && isBorder(across) && isBorder(down);
                case ON_ONE -> isLayer && (isBorder(across) || isBorder(down));
            };
        }
    }

    /** The borders that most pieces speak for, in the order of the text; a few are enough. */
    private List<Length> votes(List<MatLayer> lowest, Border wanted) {
        List<Under> unders = Stream.concat(
                lowest.stream().map(layer -> new Under(layer.under().width(), layer.under().height())),
                texts.stream().map(text -> new Under(side(text, true), side(text, false)))).distinct().toList();
        Map<Length, Integer> votes = new LinkedHashMap<>();
        for (TextPiece text : texts) {
            Set<Length> borders = new LinkedHashSet<>();
            for (Under under : unders) {
                for (boolean turned : new boolean[] {false, true}) {
                    Length across = under.width().minus(side(text, !turned));
                    Length down = under.height().minus(side(text, turned));
                    if (wanted.suits(across, down, text.isLayer())) {
                        Stream.of(across, down).filter(Layers::isBorder)
                                .forEach(both -> borders.add(Length.ofNanometres(both.nanometres() / 2)));
                    }
                }
            }
            borders.forEach(border -> votes.merge(border, text.read().quantity(), Integer::sum));
        }
        return votes.entrySet().stream().sorted(Map.Entry.<Length, Integer>comparingByValue().reversed())
                .limit(MOST_BORDERS).map(Map.Entry::getKey).toList();
    }

    private static boolean isBorder(Length both) {
        return both.isPositive() && !both.isLongerThan(WIDEST.times(2));
    }

    private static Length side(TextPiece text, boolean width) {
        return text.read().side(width).length();
    }

    private void exact(TextPiece text, List<MatLayer> free) {
        List<MatLayer> same = free.stream().filter(layer -> isSame(text, layer, false) || isSame(text, layer, true))
                .sorted(Comparator.comparingInt((MatLayer layer) -> -likeness(text, layer))
                        .thenComparing(MatLayer::layer))
                .limit(text.read().quantity()).toList();
        if (!same.isEmpty()) {
            take(text, same, free, !isSame(text, same.get(0), false));
        }
    }

    private static boolean isSame(TextPiece text, MatLayer layer, boolean turned) {
        return side(text, !turned).equals(layer.width()) && side(text, turned).equals(layer.height());
    }

    /** A layer of that name, or one that has one of the sides. */
    private void near(TextPiece text, List<MatLayer> free) {
        for (boolean turned : new boolean[] {false, true}) {
            Optional<MatLayer> like = free.stream()
                    .filter(layer -> side(text, !turned).equals(layer.width())
                            || side(text, turned).equals(layer.height()))
                    .filter(layer -> likeness(text, layer) > 0 || text.isLayer())
                    .max(Comparator.comparingInt(layer -> likeness(text, layer)));
            if (like.isPresent()) {
                take(text, List.of(like.get()), free, turned);
                return;
            }
        }
    }

    private void take(TextPiece text, List<MatLayer> layers, List<MatLayer> free, boolean turned) {
        free.removeAll(layers);
        found.put(text, layers);
        MatLayer layer = layers.get(0);
        figure(new Figure(layer.label(), DesignMatch.What.WIDTH, turned ? text.read().height() : text.read().width(),
                layer.width(), true));
        figure(new Figure(layer.label(), DesignMatch.What.HEIGHT, turned ? text.read().width() : text.read().height(),
                layer.height(), true));
    }

    private void figure(Figure figure) {
        (figure.said().length().equals(figure.design()) ? agrees : differs).add(figure);
    }

    private static int likeness(TextPiece text, MatLayer layer) {
        Set<String> words = new HashSet<>(PieceName.of(layer.label()).words());
        words.removeAll(TextPiece.LAYERS);
        words.retainAll(PieceName.of(text.read().name()).words());
        return words.size();
    }

    private MatSettings settings(MatSettings all) {
        Map<PanelRef, Integer> deepest = new HashMap<>();
        found.values().forEach(layers -> layers.forEach(layer -> deepest.merge(layer.on().on(), layer.layer(),
                Math::max)));
        Map<Integer, Long> counts = new TreeMap<>(creased.sized().mats().stream()
                .collect(Collectors.groupingBy(mat -> deepest.getOrDefault(mat.on(), 0), Collectors.counting())));
        int usual = counts.entrySet().stream().max(Map.Entry.comparingByValue()).map(Map.Entry::getKey).orElse(0);
        MatSettings settings = all.withLayers(usual);
        for (PanelRef panel : creased.sized().mats().stream().map(mat -> mat.on()).distinct().toList()) {
            int layers = deepest.getOrDefault(panel, 0);
            if (layers != usual) {
                settings = settings.with(panel, new MatSettings.OnPanel(Optional.of(layers), Optional.empty(),
                        Optional.empty(), Optional.empty()));
            }
        }
        return settings;
    }
}

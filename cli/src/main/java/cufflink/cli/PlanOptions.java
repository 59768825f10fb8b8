package cufflink.cli;

import cufflink.design.DesignDefinition;
import cufflink.design.Face;
import cufflink.design.PartAdding;
import cufflink.design.PartDefinition;
import cufflink.design.PartPlace;
import cufflink.files.design.DesignLibrary;
import cufflink.fit.SheetUse;
import cufflink.fit.Wish;
import cufflink.mat.MatSettings;
import cufflink.measure.Length;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthReading;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.paper.BenchTools;
import cufflink.paper.Contents;
import cufflink.paper.NamedSize;
import cufflink.paper.NamedSize.Kind;
import cufflink.paper.PaperRole;
import cufflink.paper.PublishedSizes;
import cufflink.paper.Stock;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.score.ScoringStyle;
import cufflink.words.CommandWords;
import cufflink.words.Message;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import picocli.CommandLine.Option;

/** The options of a plan. Everything typed is read here, and every mistake is named. */
final class PlanOptions {

    @Option(names = "--finish", paramLabel = "WxH",
            description = "Finished size: 4 1/4x5 1/2, 105x148mm, or a card's name.")
    private String finish;
    @Option(names = "--envelope", paramLabel = "NAME", description = "Fit into an envelope.")
    private String envelope;
    @Option(names = "--sheet", paramLabel = "NAME[*COUNT]",
            description = "The largest size from one sheet, or from several.")
    private String sheet;
    @Option(names = "--use", paramLabel = "whole|shape|N",
            description = "With --sheet: use the whole sheet, keep the design's proportions, or N cards from one "
                    + "sheet.")
    private String use;
    @Option(names = "--hold", paramLabel = "ITEM",
            description = "The smallest size that holds it: gift-card, photograph, note, or WxH.")
    private String hold;
    @Option(names = "--set", paramLabel = "measure=value", description = "Set a measure by hand; may be repeated.")
    private List<String> set = new ArrayList<>();
    @Option(names = "--add", paramLabel = "NAME=DESIGN@PLACE",
            description = "Add a design as a part: on PIECE.PANEL[:inside|outside], in pocket:NAME, or around; may be "
                    + "repeated. Its measures: --set NAME.measure=value.")
    private List<String> add = new ArrayList<>();
    @Option(names = "--unit", paramLabel = "in|mm", description = "Unit for reading and printing.")
    private String unit;
    @Option(names = "--step", paramLabel = "1/16in", description = "Ruler step: 1/8in, 1/16in, 1/32in, 1mm, 0.5mm.")
    private String step;
    @Option(names = "--mats", paramLabel = "N", description = "Layers on each panel.")
    private String mats;
    @Option(names = "--reveal", paramLabel = "1/8in", description = "Border that each layer leaves.")
    private String reveal;
    @Option(names = "--grooves", paramLabel = "1/8in",
            description = "Measures that place scores land on a board's grooves, so far apart.")
    private String grooves;
    @Option(names = "--copies", paramLabel = "N", description = "How many to make.")
    private String copies;
    @Option(names = "--stock", paramLabel = "NAME",
            description = "Sheet size of the paper: first for the card, then for layer 1, layer 2 ...")
    private List<String> stock = new ArrayList<>();
    @Option(names = "--scoring", paramLabel = "one|own",
            description = "Score all from one face, or each fold from its own.")
    private String scoring;

    private static final Pattern PART = Pattern.compile("(?<name>\\w+)=(?<design>[\\w-]+)@(?<place>[^@]+?)"
            + "(?::(?<face>inside|outside))?");
    private final List<Problem> problems = new ArrayList<>();

    /** The project that the options describe. */
    Outcome<Project> project(DesignDefinition design, DesignLibrary library) {
        RulerStep ruler = ruler();
        Project project = Project.of(design, ruler);
        for (String part : add) {
            project = with(part, project, library);
        }
        project = project.withWish(wish(ruler.unit()));
        project = project.withSet(set()).withMats(mats(project.mats(), ruler.unit()))
                .withCopies(copies(project.wish()));
        if (scoring != null) {
            project = project.withScoring(scoringStyle());
        }
        project = papers(grooved(project, ruler.unit()));
        return problems.isEmpty() ? Outcome.of(project) : Outcome.failed(problems);
    }

    private <T> T problem(String option, Message what, T fallback) {
        problems.add(Problem.error(option, what));
        return fallback;
    }

    private RulerStep ruler() {
        if (unit != null && !unit.equals("in") && !unit.equals("mm")) {
            problem("--unit", CommandWords.NO_UNIT.of("text", unit), null);
        }
        LengthUnit wanted = "mm".equals(unit) ? LengthUnit.MILLIMETRE : LengthUnit.INCH;
        if (step == null) {
            return RulerStep.usual(wanted);
        }
        RulerStep found = RulerStep.named(step)
                .orElseGet(() -> problem("--step", CommandWords.NO_STEP.of("text", step),
                        RulerStep.SIXTEENTH_INCH));
        return unit != null && found.unit() != wanted
                ? problem("--step", CommandWords.STEP_OF_OTHER_UNIT.of("step", found.label(), "unit", unit), found)
                : found;
    }

    private Wish wish(LengthUnit reading) {
        long wishes = Stream.of(finish, envelope, sheet, hold).filter(Objects::nonNull).count();
        if (use != null && sheet == null) {
            return problem("--use", CommandWords.USE_WITHOUT_SHEET.of(), new Wish.AsDesigned());
        }
        if (wishes > 1) {
            return problem("--finish, --envelope, --sheet, --hold", CommandWords.ONE_WISH.of(), new Wish.AsDesigned());
        }
        if (finish != null) {
            return finished(reading);
        } else if (envelope != null) {
            return named("--envelope", Kind.ENVELOPE, envelope)
                    .<Wish>map(found -> new Wish.InEnvelope(found, Wish.InEnvelope.usualEase(reading)))
                    .orElse(new Wish.AsDesigned());
        } else if (sheet != null) {
            return fromSheet(reading);
        } else if (hold != null) {
            LengthReading<Contents> read = Contents.read(hold, reading);
            return read.value().<Wish>map(Wish.Holding::new)
                    .orElseGet(() -> problem("--hold", read.trouble().orElseThrow(), new Wish.AsDesigned()));
        }
        return new Wish.AsDesigned();
    }

    private Wish finished(LengthUnit reading) {
        Optional<NamedSize> card = PublishedSizes.named(Kind.CARD, finish);
        if (card.isPresent()) {
            return new Wish.FinishedSize(card.get().width(), card.get().height());
        }
        return size("--finish", finish, reading).<Wish>map(sides -> new Wish.FinishedSize(sides.get(0), sides.get(1)))
                .orElse(new Wish.AsDesigned());
    }

    private Optional<List<Length>> size(String option, String text, LengthUnit reading) {
        LengthReading<List<Length>> read = LengthParser.readSize(text, reading);
        if (read.value().isEmpty()) {
            return problem(option, read.trouble().orElseThrow(), Optional.empty());
        }
        List<Length> sides = read.value().get();
        return sides.size() == 2 && sides.stream().allMatch(Length::isPositive) ? Optional.of(sides)
                : problem(option, CommandWords.NO_WIDTH_AND_HEIGHT.of("text", text), Optional.empty());
    }

    private Optional<NamedSize> named(String option, Kind kind, String name) {
        Optional<NamedSize> found = PublishedSizes.named(kind, name);
        return found.isPresent() ? found : problem(option, CommandWords.NO_SUCH_SIZE.of("text", name,
                "known", PublishedSizes.names(kind)), Optional.empty());
    }

    private Wish fromSheet(LengthUnit reading) {
        int star = sheet.lastIndexOf('*');
        boolean counted = star > 0 && sheet.substring(star + 1).strip().matches("\\d{1,3}");
        String name = (counted ? sheet.substring(0, star) : sheet).strip();
        int count = counted ? count("--sheet", sheet.substring(star + 1).strip(), 1, 1, 999) : 1;
        Optional<NamedSize> found = PublishedSizes.named(Kind.SHEET, name);
        if (found.isPresent()) {
            return new Wish.FromSheet(found.get().name(), found.get().width(), found.get().height(), count,
                    use(counted));
        }
        if (!name.matches(".*\\d\\s*[x×].*")) {
            return problem("--sheet",
                    CommandWords.NO_SUCH_SHEET.of("text", name, "known", PublishedSizes.names(Kind.SHEET)),
                    new Wish.AsDesigned());
        }
        return size("--sheet", name, reading)
                .<Wish>map(sides -> new Wish.FromSheet(name, sides.get(0), sides.get(1), count, use(counted)))
                .orElse(new Wish.AsDesigned());
    }

    private SheetUse use(boolean counted) {
        if (use == null) {
            return new SheetUse.Whole();
        }
        SheetUse found = SheetUse.named(use)
                .orElseGet(() -> problem("--use", CommandWords.NO_USE.of("text", use, "most", SheetUse.Cards.MOST),
                        new SheetUse.Whole()));
        return counted && found instanceof SheetUse.Cards
                ? problem("--use", CommandWords.CARDS_FROM_COUNTED_SHEETS.of(), found)
                : found;
    }

    /** Where so many cards are to come out of one sheet, so many are made unless another number is asked for. */
    private int copies(Wish wish) {
        int usual = wish instanceof Wish.FromSheet from && from.use() instanceof SheetUse.Cards cards ? cards.count()
                : 1;
        return count("--copies", copies, usual, 1, Project.MOST_COPIES);
    }

    private Project with(String typed, Project project, DesignLibrary library) {
        Matcher matcher = PART.matcher(typed.strip());
        Optional<PartPlace> place = !matcher.matches() ? Optional.empty()
                : PartPlace.read(matcher.group("place"), Arrays.stream(Face.values())
                        .filter(face -> face.word().equals(matcher.group("face"))).findFirst());
        if (place.isEmpty()) {
            return problem("--add", CommandWords.NO_PART.of("text", typed), project);
        }
        Outcome<PartDefinition> part = library.find(matcher.group("design"))
                .then(found -> PartAdding.part(project.design(), matcher.group("name"), found, place.get()));
        problems.addAll(part.problems());
        return part.value().map(project::withPart).orElse(project);
    }

    private Map<String, String> set() {
        Map<String, String> values = new LinkedHashMap<>();
        for (String entry : set) {
            int equals = entry.indexOf('=');
            if (equals < 1) {
                problem("--set", CommandWords.NO_SETTING.of("text", entry), null);
            } else {
                values.put(entry.substring(0, equals).strip(), entry.substring(equals + 1).strip());
            }
        }
        return values;
    }

    private MatSettings mats(MatSettings usual, LengthUnit reading) {
        MatSettings settings = usual.withLayers(count("--mats", mats, usual.layers(), 0, MatSettings.MOST_LAYERS));
        if (reveal == null) {
            return settings;
        }
        LengthReading<Length> read = LengthParser.read(reveal, reading);
        return read.value().filter(Length::isPositive).map(settings::withReveal)
                .orElseGet(() -> problem("--reveal",
                        read.trouble().orElseGet(CommandWords.BORDER_OF_NOTHING::of), settings));
    }

    private Project grooved(Project project, LengthUnit reading) {
        if (grooves == null) {
            return project;
        }
        LengthReading<Length> read = LengthParser.read(grooves, reading);
        BenchTools tools = project.tools();
        return read.value().filter(Length::isPositive)
                .map(step -> project.withTools(tools.withGrooveStep(step).withOnGrooves(true)))
                .orElseGet(() -> problem("--grooves",
                        read.trouble().orElseGet(CommandWords.GROOVES_OF_NOTHING::of), project));
    }

    private int count(String option, String text, int usual, int low, int high) {
        if (text == null) {
            return usual;
        }
        boolean right = text.matches("\\d{1,6}") && Integer.parseInt(text) >= low && Integer.parseInt(text) <= high;
        return right ? Integer.parseInt(text)
                : problem(option, CommandWords.NOT_WHOLE.of("text", text, "low", low, "high", high), usual);
    }

    private ScoringStyle scoringStyle() {
        return switch (scoring) {
            case "one" -> ScoringStyle.ONE_FACE;
            case "own" -> ScoringStyle.OWN_FACE;
            default -> problem("--scoring", CommandWords.NO_SCORING.of("text", scoring),
                    ScoringStyle.ONE_FACE);
        };
    }

    private Project papers(Project project) {
        Project result = project;
        for (int i = 0; i < stock.size(); i++) {
            Optional<NamedSize> size = named("--stock", Kind.SHEET, stock.get(i));
            if (size.isEmpty()) {
                continue;
            }
            Set<PaperRole> roles = i == 0 ? project.design().materials() : Set.of(PaperRole.layer(i));
            for (PaperRole role : roles) {
                Stock paper = project.paper(role).inSheets(size.get().width(), size.get().height());
                result = result.withPaper(role, paper);
            }
        }
        return result;
    }
}

package cufflink.files.corpus;

import cufflink.directions.study.DirectionsStudy;
import cufflink.files.design.BuiltInDesigns;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;

/** All sets, and how well they are read. */
final class Corpus {
    private Corpus() {
    }

    static List<CorpusSet> sets() {
        List<CorpusSet> sets = new ArrayList<>(ByHand.sets());
        sets.addAll(Writers.sets());
        return sets;
    }

    /** Shares of what was asked for. */
    record Score(int sets, double numbers, double errors, int planted, int falsely, int correct, double designs) {
        static Score of(List<CorpusResult> results) {
            double all = results.stream().mapToInt(CorpusResult::numbers).sum();
            double right = results.stream().mapToInt(CorpusResult::right).sum();
            List<CorpusResult> faulty = results.stream().filter(one -> one.found().isPresent()).toList();
            List<CorpusResult> sound = results.stream().filter(one -> one.found().isEmpty()).toList();
            List<CorpusResult> named = results.stream().filter(one -> one.first().isPresent()).toList();
            return new Score(results.size(), right / all,
                    share(faulty.stream().filter(one -> one.found().orElseThrow()).count(), faulty.size()),
                    faulty.size(),
                    sound.stream().mapToInt(one -> one.falsely().size()).sum(), sound.size(),
                    share(named.stream().filter(one -> one.first().orElseThrow()).count(), named.size()));
        }

        private static double share(long part, int whole) {
            return whole == 0 ? 1 : (double) part / whole;
        }

        @Override
        public String toString() {
            return String.format(Locale.ROOT,
                    "%d sets: numbers %.1f %%, errors %.1f %% of %d, false findings %d on %d sound sets, designs %.1f %%",
                    sets, 100 * numbers, 100 * errors, planted, falsely, correct, 100 * designs);
        }
    }

    static List<CorpusResult> results(Predicate<CorpusSet> wanted) {
        DirectionsStudy study = new DirectionsStudy(BuiltInDesigns.all());
        return sets().stream().filter(wanted).map(set -> CorpusResult.of(set, study)).toList();
    }

    /** What is not right in the sets to build with; of those kept aside only the shares, unless asked for. */
    public static void main(String[] asked) {
        for (boolean aside : new boolean[] {false, true}) {
            List<CorpusResult> results = results(set -> set.aside() == aside);
            System.out.println((aside ? "aside, " : "to build with, ") + Score.of(results));
            System.out.println("  by hand, " + Score.of(results.stream()
                    .filter(one -> one.set().isByHand()).toList()));
            Optional<String> shown = asked.length > 0 && !asked[0].equals("all") ? Optional.of(asked[0])
                    : Optional.empty();
            results.stream().filter(one -> !one.isAllRight() && (!aside || asked.length > 0))
                    .filter(one -> shown.map(name -> one.set().name().contains(name)).orElse(true))
                    .forEach(one -> System.out.println("--- " + one.set() + " (" + one.set().hand() + ") "
                            + one.right() + "/" + one.numbers() + " found " + one.found() + " falsely "
                            + one.falsely().size() + " first " + one.first() + "\n"
                            + (shown.isPresent() ? one.set().text() : "") + one.said()));
        }
    }
}

package cufflink.cut;

import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/**
 * Cuts that follow one another with the fence where it is.
 *
 * @param number what is read off the ruler
 * @param again  the fence was there before, and has been moved since
 * @param cuts   at least one, in the order of work
 */
public record FenceSetting(String number, boolean again, List<CutList.Line> cuts) {
    /**
     * The settings in the order of work; every line is in exactly one.
     *
     * @param number how a place of the fence is written; what is written alike is one setting
     */
    public static List<FenceSetting> of(List<CutList.Line> lines, Function<Length, String> number) {
        List<FenceSetting> settings = new ArrayList<>();
        Set<String> met = new HashSet<>();
        for (CutList.Line line : lines) {
            String at = number.apply(line.cut().at());
            if (settings.isEmpty() || !settings.get(settings.size() - 1).number().equals(at)) {
                settings.add(new FenceSetting(at, !met.add(at), new ArrayList<>()));
            }
            settings.get(settings.size() - 1).cuts().add(line);
        }
        return settings;
    }
}

package cufflink.cut;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.junit.jupiter.api.Test;

/** Where the fence stands as a sheet is cut. */
class FenceSettingTest {
    private static List<FenceSetting> at(int... millimetres) {
        List<CutList.Line> lines = new ArrayList<>();
        for (int at : millimetres) {
            Cut cut = new Cut(lines.size() + 1, true, Length.ofMillimetres(at), Length.ZERO, Length.ZERO,
                    Length.ofMillimetres(200), Length.ofMillimetres(200));
            lines.add(new CutList.Line(cut, CutList.SHEET, new CutList.Freed("near", List.of()),
                    new CutList.Freed("far", List.of())));
        }
        return FenceSetting.of(lines, Length::toString);
    }

    private static <T> List<T> each(List<FenceSetting> settings, Function<FenceSetting, T> what) {
        return settings.stream().map(what).toList();
    }

    private static List<Integer> numbers(FenceSetting setting) {
        return setting.cuts().stream().map(line -> line.cut().number()).toList();
    }

    @Test
    void cutsInARow_areOneSetting() {
        assertEquals(List.of(List.of(1, 2), List.of(3)), each(at(50, 50, 70), FenceSettingTest::numbers));
    }

    @Test
    void aSettingThatComesBackAgainAndAgain_isALineEachTime() {
        List<FenceSetting> settings = at(50, 70, 50, 70, 50);
        assertEquals(List.of(List.of(1), List.of(2), List.of(3), List.of(4), List.of(5)),
                each(settings, FenceSettingTest::numbers));
        assertEquals(List.of(false, false, true, true, true), each(settings, FenceSetting::again));
    }

    @Test
    void aSheetThatIsUsedWhole_hasNone() {
        assertEquals(List.of(), at());
    }
}

package cufflink.desktop.view;

import cufflink.cut.Cut;
import cufflink.desktop.control.Listening;
import cufflink.desktop.work.JobWork;
import cufflink.drawing.Picture;
import cufflink.drawing.SheetDrawing;
import cufflink.job.JobCutting;
import cufflink.job.JobSheet;
import cufflink.measure.LengthFormat;
import java.util.List;
import java.util.stream.IntStream;

/** The sheets of a job in table view. */
public final class JobTable implements TableSource {
    private static final String CAUTION = " Guard down, fingers behind it; lock the blade when you leave it.";

    private final JobWork work;
    private final LengthFormat format;
    private final SheetWords words;

    public JobTable(JobWork work, LengthFormat format) {
        this.work = work;
        this.format = format;
        this.words = new SheetWords(format);
    }

    private JobSheet sheet() {
        return work.sheet().orElseThrow();
    }

    @Override
    public String head() {
        return (isDone() ? "✓ " : "") + work.job().name() + ": " + words.sheet(sheet());
    }

    private boolean isDone() {
        return work.job().cutting().map(cutting -> cutting.done().get(work.job().sheet())).orElse(false);
    }

    @Override
    public String count() {
        int sheets = work.sheetsProperty().get().size();
        return "sheet " + (work.job().sheet() + 1) + " of " + sheets
                + work.job().cutting().map(cutting -> ", " + cutting.doneCount() + " cut").orElse("");
    }

    @Override
    public String text() {
        return words.gives(sheet()) + CAUTION;
    }

    @Override
    public String then() {
        List<JobSheet> sheets = work.sheetsProperty().get();
        int next = work.job().cutting().map(cutting -> nextOpen(cutting))
                .orElse(Math.min(work.job().sheet() + 1, sheets.size() - 1));
        return next == work.job().sheet() ? "the last sheet"
                : sheets.get(next).isAlike(sheet()) ? "then: another one like it"
                : "then: " + words.sheet(sheets.get(next));
    }

    private int nextOpen(JobCutting cutting) {
        return cutting.nextOpen(work.job().sheet());
    }

    @Override
    public List<Number> numbers() {
        List<Cut> cuts = sheet().layout().cuts();
        return IntStream.range(Math.min(work.job().cut(), cuts.size()), cuts.size())
                .mapToObj(i -> new Number(SheetWords.cut(sheet(), i), format.number(cuts.get(i).at()), false)).toList();
    }

    @Override
    public Picture picture(double point) {
        List<Cut> cuts = sheet().layout().cuts();
        int now = work.job().cut() < cuts.size() ? cuts.get(work.job().cut()).number() : 0;
        return SheetDrawing.draw(sheet().layout(), now, sheet().paper().face(), format, point);
    }

    @Override
    public void onChange(Listening listening, Runnable listener) {
        listening.to(work.jobProperty(), change -> listener.run());
    }
}

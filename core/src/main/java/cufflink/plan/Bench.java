package cufflink.plan;

import cufflink.measure.RulerStep;
import cufflink.paper.BenchTools;
import cufflink.score.ScoringStyle;

/**
 * What the maker works with.
 *
 * @param step the ruler; its unit is the display unit
 */
public record Bench(RulerStep step, BenchTools tools, ScoringStyle scoring) {
}

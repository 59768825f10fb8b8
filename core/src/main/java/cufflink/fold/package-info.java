/**
 * Folding. Panels are rigid; creases turn by an angle from 0 (flat) to 180 degrees (shut), below 0 against their mark.
 * Two stages of a plan end here: {@link cufflink.fold.FoldedDesign}, every piece by itself, and
 * {@link cufflink.fold.ClosedDesign}, the pieces joined and shut.
 * <ol>
 * <li>{@code AssemblyBuilder} joins pieces: glued, woven over and under, slotted into each other, or only sliding on
 * each other; a single piece is an {@link cufflink.fold.Assembly} without joins;</li>
 * <li>{@code Linkage} makes it a tree of links that gives every panel its place, and links that close loops: around an
 * inner vertex, around a slit, through joined pieces; {@code LinkageState} is where its panels lie at certain angles,
 * by how much its loops gape, and how that changes with the angles;</li>
 * <li>{@link cufflink.fold.Folder} puts panels in their places for given angles, or names the crease at fault where a
 * loop does not close, and by how much; {@code LoopSolver} finds the nearest angles that close,
 * {@link cufflink.fold.FoldMotion} follows them from one state to another;</li>
 * <li>{@code Overlay} divides a flat state into places; {@link cufflink.fold.LayerProblem} states what the order of
 * layers must obey at each, {@code LayerSearch} finds one order, proves that there is none, or counts them;</li>
 * <li>{@link cufflink.fold.LayerOrderVerifier} proves a found order by other means: only it makes a
 * {@link cufflink.fold.FlatFoldedState};</li>
 * <li>{@link cufflink.fold.FoldSequencer} folds a piece step by step, {@link cufflink.fold.PathChecker} sees what is in
 * the way ({@code Travel}: how panels have moved; {@code Sweep}: what passes through what on the way, by
 * {@code Contact}s; {@code Crossings}: paper that stands across paper), {@code SequenceProposer} proposes steps where a
 * design gives none, {@code Refolding} adds the creases that folding folded paper makes, {@link cufflink.fold.Trial}
 * folds a crease the wrong way round;</li>
 * <li>{@link cufflink.fold.AssemblyCloser} closes the joined card, {@link cufflink.fold.PosedCard} moves it into its
 * poses.</li>
 * </ol>
 * Space: x right, y down, z towards the viewer of the face that lies up; millimetres.
 */
package cufflink.fold;
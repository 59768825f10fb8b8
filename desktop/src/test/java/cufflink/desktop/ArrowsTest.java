package cufflink.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchRule;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What a window shows is testable without one; screens compute nothing; nothing below knows the desktop or the
 * terminal.
 */
class ArrowsTest {
    private static final ArchRule WORK_AND_STORE_KNOW_NO_WINDOW = noClasses().that()
            .resideInAnyPackage("cufflink.desktop.work", "cufflink.desktop.store", "cufflink.desktop.demo")
            .should().dependOnClassesThat().resideInAnyPackage("javafx.scene..", "javafx.stage..",
                    "cufflink.desktop.view..", "cufflink.desktop.control..");

    private static final ArchRule CONTROLS_KNOW_NO_SCREENS = noClasses().that()
            .resideInAPackage("cufflink.desktop.control")
            .should().dependOnClassesThat().resideInAnyPackage("cufflink.desktop.view..", "cufflink.desktop.work..",
                    "cufflink.plan..", "cufflink.fold..");

    /** Screens show what was worked out; what works it out is asked elsewhere. */
    private static final ArchRule SCREENS_COMPUTE_NOTHING = noClasses().that()
            .resideInAnyPackage("cufflink.desktop.view", "cufflink.desktop.control")
            .should().dependOnClassesThat().haveNameMatching("cufflink\\..*(Planner|Fitter|Checker|Sizer|Solver)");

    private static final ArchRule FILES_KNOW_NO_WINDOW = noClasses().that().resideInAPackage("cufflink.files..")
            .should().dependOnClassesThat().resideInAnyPackage("javafx..", "cufflink.desktop..", "cufflink.cli..");

    private static final ArchRule CORE_KNOWS_NOTHING_ABOVE = noClasses().that()
            .resideOutsideOfPackages("cufflink.desktop..", "cufflink.files..", "cufflink.cli..")
            .should().dependOnClassesThat()
            .resideInAnyPackage("cufflink.desktop..", "cufflink.files..", "cufflink.cli..");

    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("cufflink");

    private static Stream<Arguments> rules() {
        return Stream.of(Arguments.of("work and store know no window", WORK_AND_STORE_KNOW_NO_WINDOW),
                Arguments.of("controls know no screens", CONTROLS_KNOW_NO_SCREENS),
                Arguments.of("screens compute nothing", SCREENS_COMPUTE_NOTHING),
                Arguments.of("files know no window", FILES_KNOW_NO_WINDOW),
                Arguments.of("the core knows nothing above", CORE_KNOWS_NOTHING_ABOVE));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("rules")
    void holds(String name, ArchRule rule) {
        rule.check(ALL);
    }
}

package cufflink.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/**
 * What a window shows is testable without one; screens compute nothing; nothing below knows the desktop or the
 * terminal.
 */
@AnalyzeClasses(packages = "cufflink", importOptions = ImportOption.DoNotIncludeTests.class)
class ArrowsTest {
    @ArchTest
    static final ArchRule workAndStoreKnowNoWindow = noClasses().that()
            .resideInAnyPackage("cufflink.desktop.work", "cufflink.desktop.store", "cufflink.desktop.demo")
            .should().dependOnClassesThat().resideInAnyPackage("javafx.scene..", "javafx.stage..",
                    "cufflink.desktop.view..", "cufflink.desktop.control..");

    @ArchTest
    static final ArchRule controlsKnowNoScreens = noClasses().that().resideInAPackage("cufflink.desktop.control")
            .should().dependOnClassesThat().resideInAnyPackage("cufflink.desktop.view..", "cufflink.desktop.work..",
                    "cufflink.plan..", "cufflink.fold..");

    @ArchTest
    static final ArchRule screensComputeNothing = noClasses().that()
            .resideInAnyPackage("cufflink.desktop.view", "cufflink.desktop.control")
            .should().dependOnClassesThat().resideInAnyPackage("cufflink.cut..", "cufflink.crease..");

    @ArchTest
    static final ArchRule filesKnowNoWindow = noClasses().that().resideInAPackage("cufflink.files..")
            .should().dependOnClassesThat().resideInAnyPackage("javafx..", "cufflink.desktop..", "cufflink.cli..");

    @ArchTest
    static final ArchRule coreKnowsNothingAbove = noClasses().that()
            .resideOutsideOfPackages("cufflink.desktop..", "cufflink.files..", "cufflink.cli..")
            .should().dependOnClassesThat()
            .resideInAnyPackage("cufflink.desktop..", "cufflink.files..", "cufflink.cli..");
}

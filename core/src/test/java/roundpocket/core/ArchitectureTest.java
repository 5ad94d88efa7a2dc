package roundpocket.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import org.testng.annotations.Test;

public class ArchitectureTest {
    /** A package may use those before it. */
    private static final List<String> ORDER = List.of(
            "measure",
            "explain",
            "foot",
            "swatch",
            "yarn",
            "stripe",
            "shaping",
            "sock",
            "pattern",
            "fit",
            "tube",
            "cut",
            "opening",
            "finish",
            "plan",
            "ready",
            "judge",
            "work",
            "lap",
            "rescue",
            "wear",
            "practice",
            "almanac");

    private final JavaClasses core = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("roundpocket.core");

    @Test
    public void packagesUseOnlyThoseBeforeThem() {
        for (int i = 0; i < ORDER.size() - 1; i++) {
            String[] later = ORDER.subList(i + 1, ORDER.size()).stream()
                    .map(name -> "roundpocket.core." + name)
                    .toArray(String[]::new);
            noClasses()
                    .that()
                    .resideInAPackage("roundpocket.core." + ORDER.get(i))
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(later)
                    .check(core);
        }
    }

    @Test
    public void everyPackageIsInTheOrderAndNoneGoesRoundInCircles() {
        noClasses()
                .should()
                .resideOutsideOfPackages(
                        ORDER.stream().map(name -> "roundpocket.core." + name).toArray(String[]::new))
                .check(core);
        slices().matching("roundpocket.core.(*)..").should().beFreeOfCycles().check(core);
    }

    @Test
    public void coreKnowsNothingOfClocksChanceFilesOrFrameworks() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "java.io..", "java.nio..", "java.time..", "java.sql..", "org..", "com..", "jakarta..")
                .orShould()
                .dependOnClassesThat()
                .haveFullyQualifiedName("java.util.Random")
                .check(core);
    }
}

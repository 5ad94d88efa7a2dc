package roundpocket.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import jakarta.persistence.Entity;
import org.testng.annotations.Test;

public class ArchitectureTest {
    private final JavaClasses app = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("roundpocket.app");

    @Test
    public void roomsDoNotGoRoundInCircles() {
        slices().matching("roundpocket.app.(*)..").should().beFreeOfCycles().check(app);
    }

    @Test
    public void rowsKnowNothingOfJsonOrHttp() {
        noClasses()
                .that()
                .areAnnotatedWith(Entity.class)
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("tools.jackson..", "com.fasterxml..", "org.springframework.web..")
                .check(app);
        classes()
                .that()
                .areAnnotatedWith(Entity.class)
                .should()
                .haveSimpleNameEndingWith("Row")
                .check(app);
    }

    @Test
    public void thePlanOverHttpKnowsNothingOfTheStore() {
        noClasses()
                .that()
                .resideInAPackage("roundpocket.app.plans")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("jakarta.persistence..", "org.springframework.data..")
                .check(app);
    }
}

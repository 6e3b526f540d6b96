package app.frenum.server;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.type;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import jakarta.persistence.Entity;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.springframework.data.repository.Repository;

/** Arrows only downwards, and features meet through services, not tables. */
class HouseTest {
    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("app.frenum");

    @Test
    void theGuardSeesTheWholeHouse() {
        assertThat(ALL.stream().map(c -> c.getPackageName()).distinct())
                .contains("app.frenum.core.stop", "app.frenum.formats.log", "app.frenum.server.intake");
        assertThat(ALL.size()).isGreaterThan(120);
    }

    @Test
    void coreKnowsBrakesAndNothingElse() {
        noClasses()
                .that()
                .resideInAPackage("app.frenum.core..")
                .should()
                .dependOnClassesThat(resideInAnyPackage(
                                "app.frenum.formats..",
                                "app.frenum.server..",
                                "org.springframework..",
                                "jakarta..",
                                "tools.jackson..",
                                "java.nio.file..",
                                "java.time..",
                                "java.sql..")
                        // A date is a value; what is kept out is the clock.
                        .and(not(type(LocalDate.class))))
                .check(ALL);
    }

    @Test
    void formatsKnowFilesAndCoreOnly() {
        noClasses()
                .that()
                .resideInAPackage("app.frenum.formats..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("app.frenum.server..", "org.springframework..", "jakarta..")
                .check(ALL);
    }

    @Test
    void tablesBelongToTheirFeature() {
        classes()
                .that()
                .areAnnotatedWith(Entity.class)
                .should()
                .bePackagePrivate()
                .check(ALL);
        classes()
                .that()
                .areAssignableTo(Repository.class)
                .should()
                .bePackagePrivate()
                .check(ALL);
    }

    @Test
    void featuresDoNotGoInCircles() {
        slices().matching("app.frenum.server.(*)..").should().beFreeOfCycles().check(ALL);
        slices().matching("app.frenum.core.(*)..").should().beFreeOfCycles().check(ALL);
    }
}

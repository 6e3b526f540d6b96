package app.frenum.server.who;

import app.frenum.core.people.Who;
import app.frenum.server.Raced;
import java.util.List;
import java.util.UUID;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The people who are there. */
@RestController
@Raced
@Transactional
@RequestMapping("/api/people")
class PeopleController {
    private final PersonRepository people;

    PeopleController(PersonRepository people) {
        this.people = people;
    }

    @Does(Deed.READS)
    @GetMapping
    @Transactional(readOnly = true)
    List<String> people() {
        return people.findAllByOrderByName().stream().map(Person::name).toList();
    }

    /** Whoever asks is there; there already, nothing changes. */
    @Does(Deed.DECIDES)
    @PostMapping
    List<String> isHere(Who who) {
        if (!people.existsByName(who.name())) {
            people.save(new Person(UUID.randomUUID(), who.name()));
        }
        return people();
    }
}

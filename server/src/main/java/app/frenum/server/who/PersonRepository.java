package app.frenum.server.who;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PersonRepository extends JpaRepository<Person, UUID> {
    List<Person> findAllByOrderByName();

    boolean existsByName(String name);
}

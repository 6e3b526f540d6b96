package app.frenum.server.run;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OperatorRepository extends JpaRepository<Operator, UUID> {
    List<Operator> findAllByOrderByName();

    Optional<Operator> findByNameAndDeviceIdIsNull(String name);
}

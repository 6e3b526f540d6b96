package app.frenum.server.intake;

import org.springframework.data.jpa.repository.JpaRepository;

interface LoggerRolesRepository extends JpaRepository<LoggerRoles, String> {}

@echo off
rem Builds and starts Logismos on Windows. Run without arguments for what it can do.
setlocal EnableExtensions DisableDelayedExpansion
set "CALLED_IN=%CD%"
cd /d "%~dp0"

set "PORT=8420"
if defined LOGISMOS_PORT set "PORT=%LOGISMOS_PORT%"
set "DATA=%LOGISMOS_DATA%"
set "ADDRESS=127.0.0.1"
set "HOSTS="
set "AS_IT_IS="
set "NAME="
set "RUN=.build\program"

set "COMMAND=%~1"
if "%COMMAND%"=="" goto usage
shift
:options
if "%~1"=="" goto chosen
if "%~1"=="--port" (set "PORT=%~2" & shift & shift & goto options)
if "%~1"=="--data" (set "DATA=%~2" & shift & shift & goto options)
if "%~1"=="--address" (set "ADDRESS=%~2" & shift & shift & goto options)
if "%~1"=="--allowed-hosts" (set "HOSTS=%~2" & shift & shift & goto options)
if "%~1"=="--as-it-is" (set "AS_IT_IS=--logismos.as-it-is=true" & shift & goto options)
if "%COMMAND%"=="backup" (set "NAME=%~1" & shift & goto options)
if "%COMMAND%"=="restore" (set "NAME=%~1" & shift & goto options)
goto usage

:chosen
if defined DATA (
  pushd "%CALLED_IN%"
  for %%I in ("%DATA%") do set "DATA=%%~fI"
  popd
) else set "DATA=%CD%\data"
if "%COMMAND%"=="demo" (set "DEMO=true" & goto serve)
if "%COMMAND%"=="run" (set "DEMO=false" & goto serve)
if "%COMMAND%"=="backup" goto backup
if "%COMMAND%"=="restore" goto restore
if "%COMMAND%"=="build" (call :build & goto end)
goto usage

:serve
netstat -an -p tcp | findstr /r /c:":%PORT% .*LISTENING" >nul && (
  echo Port %PORT% is taken: another program answers there, perhaps Logismos itself. End it, or choose another with --port.
  exit /b 1
)
call :need java "Java, version 17 or later" || exit /b 1
if not exist "%RUN%\server.jar" (call :build || exit /b 1)
if not exist "%DATA%" mkdir "%DATA%"
if defined HOSTS set "HOSTS=--logismos.allowed-hosts=%HOSTS%"
echo Starting; worksheets are kept in %DATA% ...
java -XX:+UseSerialGC -jar "%RUN%\server.jar" --server.port=%PORT% --server.address=%ADDRESS% "--logismos.data=%DATA%" --logismos.demo=%DEMO% %AS_IT_IS% %HOSTS%
exit /b %ERRORLEVEL%

:backup
call :need java "Java, version 17 or later" || exit /b 1
if not defined NAME (echo backup needs the name of a file. 1>&2 & exit /b 1)
if not exist "%RUN%\server.jar" (call :build || exit /b 1)
call :meant
java -cp "%RUN%\server.jar" app.logismos.server.datafolder.Backup "%DATA%" "%NAME%"
exit /b %ERRORLEVEL%

:meant
pushd "%CALLED_IN%"
for %%I in ("%NAME%") do set "NAME=%%~fI"
popd
exit /b 0

:restore
if exist "%CALLED_IN%\%NAME%" if defined NAME call :meant
call :need java "Java, version 17 or later" || exit /b 1
if not exist "%RUN%\server.jar" (call :build || exit /b 1)
if not defined NAME (java -cp "%RUN%\server.jar" app.logismos.server.datafolder.Restore "%DATA%") else java -cp "%RUN%\server.jar" app.logismos.server.datafolder.Restore "%DATA%" "%NAME%"
exit /b %ERRORLEVEL%

:build
call :need java "Java, version 17 or later" || exit /b 1
call :need javac "a JDK, version 17 or later, to be built" || exit /b 1
call :need mvn "Maven 3.8 or later" || exit /b 1
call :need node "Node 20 or later" || exit /b 1
call :need npm "npm, which comes with Node" || exit /b 1
echo Building (the first time takes some minutes, since packages are fetched) ...
call mvn -B -ntp -q -pl server -am -DskipTests package || exit /b 1
if exist "%RUN%" rmdir /s /q "%RUN%"
mkdir "%RUN%"
for %%J in (server\target\server-*-exec.jar) do java -Djarmode=tools -jar "%%J" extract --destination "%RUN%" >nul || exit /b 1
for %%J in ("%RUN%\server-*-exec.jar") do move /y "%%J" "%RUN%\server.jar" >nul
exit /b 0

:need
where %1 >nul 2>nul && exit /b 0
echo %1 is missing. Logismos needs %~2.
exit /b 1

:usage
echo logismos demo     start with demo data
echo logismos run      start without demo data
echo logismos backup FILE  put all worksheets into one file, running or not
echo logismos restore  list the backups of the database, or put one in its place, running or not  [FILE, NAME or latest]
echo logismos build    build again, after something has changed
echo.
echo Options: --port N, --data DIR; for demo and run also --as-it-is, --address A, --allowed-hosts A,B
exit /b 2

:end
exit /b %ERRORLEVEL%

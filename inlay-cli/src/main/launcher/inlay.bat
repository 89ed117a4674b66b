@echo off
rem Starts Inlay from bin\ of an installed distribution.
setlocal
set "HOME_DIR=%~dp0.."
set "JAVA_EXE=java"
if defined JAVA_HOME set "JAVA_EXE=%JAVA_HOME%\bin\java"
set "JAR="
for %%j in ("%HOME_DIR%\lib\inlay-cli-*.jar") do set "JAR=%%~fj"
if not defined JAR (
  echo inlay: finds no inlay-cli jar in %HOME_DIR%\lib; install Inlay anew 1>&2
  exit /b 4
)
rem Box characters and names in any script need UTF-8.
chcp 65001 >nul
"%JAVA_EXE%" -Xshare:auto -XX:TieredStopAtLevel=1 -XX:+UseSerialGC %INLAY_JAVA_OPTIONS% -jar "%JAR%" %*
exit /b %ERRORLEVEL%
